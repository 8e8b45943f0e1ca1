<script lang="ts">
	import { actTo } from '$lib/ui/offered';
	import AccountFields from '$lib/auth/AccountFields.svelte';
	import DoorField from '$lib/auth/DoorField.svelte';
	import DoorPage from '$lib/auth/DoorPage.svelte';
	import type { PageProps } from './$types';

	const { form }: PageProps = $props();
</script>

<DoorPage
	title="The first coordinator"
	problem={form && 'problem' in form ? form.problem : undefined}
>
	<p class="quiet">
		Nest Row printed a word where it was started. Whoever has it begins here, once.
	</p>
	<form class="grid gap-4" method="POST" {...actTo('?/begin')}>
		<DoorField name="word" label="The word" autocomplete="off" value={form?.word ?? ''} />
		<AccountFields
			typed={form?.typed}
			problems={form && 'problems' in form ? form.problems : undefined}
		/>
		<button class="btn btn-accent">Begin</button>
	</form>
	<p><a class="link-row" href="/sign-in">I have an account already</a></p>
</DoorPage>
