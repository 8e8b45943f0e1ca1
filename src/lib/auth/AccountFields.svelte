<script lang="ts">
	// What a new account is made of.
	import DoorField from './DoorField.svelte';

	interface Props {
		typed?: { readonly name: string; readonly email: string } | undefined;
		problems?: { readonly name?: string; readonly email?: string; readonly passphrase?: string };
	}
	const { typed, problems = {} }: Props = $props();
</script>

<DoorField
	name="name"
	label="What you are called"
	autocomplete="name"
	value={typed?.name ?? ''}
	problem={problems.name}
/>
<DoorField
	name="email"
	label="Your address"
	type="email"
	autocomplete="username"
	value={typed?.email ?? ''}
	problem={problems.email}
	hint="You sign in with it, and a way back is sent there."
/>
<DoorField
	name="passphrase"
	label="A passphrase"
	type="password"
	autocomplete="new-password"
	problem={problems.passphrase}
	hint="Twelve characters or more. Four words that do not belong together will do; pasting is fine."
/>
