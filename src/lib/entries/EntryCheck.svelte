<script lang="ts">
	// A field that is ticked or not: `yes`, or nothing.
	import type { TypedForm } from './typed-form.svelte';

	interface Props {
		form: TypedForm;
		field: string;
		label: string;
	}
	const { form, field, label }: Props = $props();
</script>

<label class="flex min-h-11 items-center gap-2">
	<input
		class="checkbox"
		type="checkbox"
		name={field}
		value="yes"
		checked={form.typed[field] === 'yes'}
		onchange={(event) => (form.typed[field] = event.currentTarget.checked ? 'yes' : '')}
	/>
	{label}
</label>
