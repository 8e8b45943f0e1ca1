<script lang="ts">
	import { JoinAddressPage as say } from '$lib/words/house';
	import { actTo } from '$lib/ui/offered';
	import AccountFields from '$lib/auth/AccountFields.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import { roleWords } from '$lib/auth/role-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
</script>

<DoorPage
	title={say.join({ group: data.group })}
	problem={form && 'problem' in form ? form.problem : undefined}
>
	<p>{say.youComeInAsA()} <b>{data.role}</b>: {roleWords[data.role]}.</p>
	<form class="grid gap-4" method="POST" {...actTo('?/join')}>
		{#if data.name === null}
			<AccountFields
				typed={form?.typed}
				problems={form && 'problems' in form ? form.problems : undefined}
			/>
			<button class="btn btn-accent">{say.createAccountAndJoin()}</button>
		{:else}
			<button class="btn btn-accent">{say.joinAs({ name: data.name })}</button>
		{/if}
	</form>
	{#if data.name === null}
		<p class="quiet">
			{say.ifYouHaveAnAccount()} <a class="link" href="/sign-in">{say.signIn()}</a>
			{say.firstAndOpenThisLink()}
		</p>
	{/if}
</DoorPage>
