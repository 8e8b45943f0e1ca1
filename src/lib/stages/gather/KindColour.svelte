<script lang="ts">
	// Which kind of bag, and in which colour.
	import { KindColour as say } from '$lib/words/gather';
	import { colourNames } from '$lib/core/colour/colours';
	import type { TypedForm } from '$lib/entries/typed-form.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';

	interface Props {
		form: TypedForm;
		kinds: readonly { readonly id: string; readonly name: string }[];
	}
	const { form, kinds }: Props = $props();
</script>

<EntrySelect
	{form}
	field="kind"
	label={say.kind()}
	options={kinds.map(({ id, name }) => ({ value: id, label: name }))}
/>
<EntrySelect
	{form}
	field="colour"
	label={say.colour()}
	options={colourNames.map((name) => ({ value: name, label: name }))}
/>
