<script lang="ts">
	import { WelcomePage as say } from '$lib/words/house';
	import { actTo } from '$lib/ui/offered';
	import AccountFields from '$lib/auth/AccountFields.svelte';
	import DoorField from '$lib/auth/DoorField.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import type { PageProps } from './$types';

	const { form }: PageProps = $props();
</script>

<DoorPage
	title={say.theFirstCoordinator()}
	problem={form && 'problem' in form ? form.problem : undefined}
>
	<p class="quiet">
		{say.nestRowPrintedAWord()}
	</p>
	<form class="grid gap-4" method="POST" {...actTo('?/begin')}>
		<DoorField name="word" label={say.theWord()} autocomplete="off" value={form?.word ?? ''} />
		<AccountFields
			typed={form?.typed}
			problems={form && 'problems' in form ? form.problems : undefined}
		/>
		<button class="btn btn-accent">{say.begin()}</button>
	</form>
	<p><a class="link-row" href="/sign-in">{say.iHaveAnAccountAlready()}</a></p>
</DoorPage>
