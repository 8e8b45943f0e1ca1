<script lang="ts">
	// What a new account is made of.
	import { AccountFields as say } from '$lib/words/house';
	import DoorField from './DoorField.svelte';

	interface Props {
		typed?: { readonly name: string; readonly email: string } | undefined;
		problems?: { readonly name?: string; readonly email?: string; readonly passphrase?: string };
	}
	const { typed, problems = {} }: Props = $props();
</script>

<DoorField
	name="name"
	label={say.yourName()}
	autocomplete="name"
	value={typed?.name ?? ''}
	problem={problems.name}
/>
<DoorField
	name="email"
	label={say.yourEmail()}
	type="email"
	autocomplete="username"
	value={typed?.email ?? ''}
	problem={problems.email}
	hint={say.youSignInWithIt()}
/>
<DoorField
	name="passphrase"
	label={say.passphrase()}
	type="password"
	autocomplete="new-password"
	problem={problems.passphrase}
	hint={say.atLeast12CharactersFour()}
/>
