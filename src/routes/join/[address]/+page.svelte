<script lang="ts">
	import { actTo } from '$lib/ui/offered';
	import AccountFields from '$lib/auth/AccountFields.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import { roleWords } from '$lib/auth/role-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<DoorPage
	title="Come in to {data.group}"
	problem={form && 'problem' in form ? form.problem : undefined}
>
	<p>You come in as a <b>{data.role}</b>: {roleWords[data.role]}.</p>
	<form class="grid gap-4" method="POST" {...actTo('?/join')}>
		{#if data.name === null}
			<AccountFields
				typed={form?.typed}
				problems={form && 'problems' in form ? form.problems : undefined}
			/>
			<button class="btn btn-accent">Make an account and come in</button>
		{:else}
			<button class="btn btn-accent">Come in as {data.name}</button>
		{/if}
	</form>
	{#if data.name === null}
		<p class="quiet">
			If you have an account here, <a class="link" href="/sign-in">sign in</a> first and open this link
			again.
		</p>
	{/if}
</DoorPage>
