<script lang="ts">
	import { SignInPage as say } from '$lib/words/house';
	import { actTo } from '$lib/ui/offered';
	import { passkeySignIn } from '$lib/auth/passkeys';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import DoorField from '$lib/auth/DoorField.svelte';
	import { onMount } from 'svelte';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const back = $derived(form?.back ?? data.back);
	let hasPasskeys = $state(false);
	let said = $state('');
	onMount(() => {
		hasPasskeys = 'PublicKeyCredential' in window;
	});
	async function byPasskey() {
		said = await passkeySignIn();
		// The whole page anew: whoever came was nobody until now.
		if (said === '') location.assign(back);
	}
</script>

<DoorPage title={say.signIn()} problem={form?.problem ?? said}>
	<form class="grid gap-4" method="POST" {...actTo('?/in')}>
		<input type="hidden" name="back" value={back} />
		<DoorField
			name="email"
			label={say.email()}
			type="email"
			autocomplete="username webauthn"
			value={form?.email ?? ''}
		/>
		<DoorField
			name="passphrase"
			label={say.passphrase()}
			type="password"
			autocomplete="current-password"
		/>
		<button class="btn btn-accent">{say.signIn()}</button>
	</form>
	{#if hasPasskeys}
		<button class="btn" type="button" onclick={byPasskey}>{say.signInWithAPasskey()}</button>
	{/if}
	<p class="flex flex-wrap gap-x-6">
		<a class="link-row" href="/sign-in/forgot">{say.iForgotMyPassphrase()}</a>
		<a class="link-row" href="/know-how">{say.readTheKnowHowWithout()}</a>
	</p>
</DoorPage>
