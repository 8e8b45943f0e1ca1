<script lang="ts">
	// Asked once, at the first visit: what the group is called, and in which units and stitch names it works. The name
	// stands on lists and on ask sheets.
	import { NameAsked as say } from '$lib/words/common';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';
	import { page } from '$app/state';
	import type { Reader } from './reader';

	const { group }: { group: Reader } = $props();
	let problem = $state('');
	const choices = [
		{
			name: 'lengths',
			label: say.units(),
			options: [
				{ value: 'cm', label: say.cmAndGrams() },
				{ value: 'ft', label: say.feetAndPounds() }
			]
		},
		{
			name: 'terms',
			label: say.stitchNames(),
			options: [
				{ value: 'us', label: say.us() },
				{ value: 'uk', label: say.uk() }
			]
		}
	] as const;
	const chosen = (name: 'lengths' | 'terms') =>
		name === 'lengths' ? group.lengthSystem : group.stitchTerms;
</script>

<form
	class="no-print my-3 flex flex-wrap items-end gap-3 rounded-lg border-2 border-primary bg-base-100 px-4 py-3"
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
	{#each choices as { name, label, options } (name)}
		<label class="grid gap-1">
			{label}
			<select class="field" {name} value={chosen(name)}>
				{#each options as { value, label: words } (value)}<option {value}>{words}</option>{/each}
			</select>
		</label>
	{/each}
	<button class="btn btn-primary">{say.saveName()}</button>
	<button class="btn btn-ghost font-normal" name="later" value="yes">{say.notNow()}</button>
</form>
