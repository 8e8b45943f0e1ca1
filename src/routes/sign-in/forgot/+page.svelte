<script lang="ts">
	import { actTo } from '$lib/ui/offered';
	import DoorField from '$lib/auth/DoorField.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import type { PageProps } from './$types';

	const { form }: PageProps = $props();
	const isSent = $derived(form !== null && 'isSent' in form);
</script>

<DoorPage
	title="A new passphrase"
	problem={form && 'problem' in form ? form.problem : undefined}
	said={isSent
		? 'If that address has an account, a message with a way back is on its way. It is open for half an hour.'
		: undefined}
>
	{#if !isSent}
		<form class="grid gap-4" method="POST" {...actTo('?/send')}>
			<DoorField
				name="email"
				label="Your address"
				type="email"
				autocomplete="username"
				value={form && 'email' in form ? form.email : ''}
			/>
			<button class="btn btn-accent">Send me a way back</button>
		</form>
	{/if}
	<p><a class="link-row" href="/sign-in">Back to signing in</a></p>
</DoorPage>
