<script lang="ts">
	// Asked once, at the first visit: what the group is called. It stands on lists and on ask sheets.
	import { NameAsked as say } from '$lib/words/common';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';

	let problem = $state('');
</script>

<form
	class="no-print mx-5 mt-3 flex flex-wrap items-end gap-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-3 max-sm:mx-4"
	method="POST"
	{...actTo('/settings?/name')}
	aria-label={say.nameOfYourGroup()}
	use:enhance={() =>
		async ({ result, update }) => {
			problem = result.type === 'failure' ? String(result.data?.nameProblem ?? '') : '';
			if (result.type !== 'failure') await update();
		}}
>
	<input type="hidden" name="back" value={page.url.pathname} />
	<label class="grid min-w-0 flex-1 basis-60 gap-1">
		<span class="figure font-semibold">{say.whatIsYourTableCalled()}</span>
		<input
			class="field"
			name="name"
			autocomplete="off"
			aria-invalid={problem ? 'true' : undefined}
			aria-describedby={problem ? 'group-name-problem' : undefined}
		/>
		{#if problem}
			<span class="text-[0.9375rem] font-semibold text-error" id="group-name-problem" role="alert"
				>{problem}</span
			>
		{/if}
	</label>
	<button class="btn btn-primary">{say.saveName()}</button>
	<button class="btn btn-ghost font-normal" name="later" value="yes">{say.notNow()}</button>
</form>
