<script lang="ts">
	import { SignInForgotPage as say } from '$lib/words/house';
	import { actTo } from '$lib/ui/offered';
	import DoorField from '$lib/auth/DoorField.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import type { PageProps } from './$types';

	const { form }: PageProps = $props();
	const isSent = $derived(form ? 'isSent' in form : false);
</script>

<DoorPage
	title={say.forgottenPassphrase()}
	problem={form && 'problem' in form ? form.problem : undefined}
	said={isSent ? say.ifThatAddressHasAn() : undefined}
>
	{#if !isSent}
		<form class="grid gap-4" method="POST" {...actTo('?/send')}>
			<DoorField
				name="email"
				label={say.yourEmail()}
				type="email"
				autocomplete="username"
				value={form && 'email' in form ? form.email : ''}
			/>
			<button class="btn btn-accent">{say.sendMessage()}</button>
		</form>
	{/if}
	<p><a class="link-row" href="/sign-in">{say.backToSigningIn()}</a></p>
</DoorPage>
