<script lang="ts">
	import type { TypedForm } from './typed-form.svelte';

	interface Props {
		form: TypedForm;
		field: string;
		label: string;
		options: readonly { value: string; label: string }[];
	}
	const { form, field, label, options }: Props = $props();
	const id = $derived(`${form.scope}-${field}`);
	const problem = $derived(form.problems[field]);
</script>

<div class="min-w-0">
	<label class="mb-1 block text-[15px]" for={id}>{label}</label>
	<select
		class="field"
		{id}
		name={field}
		value={form.typed[field] ?? ''}
		onchange={(event) => (form.typed[field] = event.currentTarget.value)}
		aria-invalid={problem ? 'true' : undefined}
		aria-describedby={problem ? `${id}-problem` : undefined}
	>
		{#each options as { value, label: words } (value)}<option {value}>{words}</option>{/each}
	</select>
	{#if problem}<p class="mt-1 text-[15px] font-semibold text-error" id="{id}-problem">
			{problem}
		</p>{/if}
</div>
