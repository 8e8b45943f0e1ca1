<script lang="ts">
	// Boxes to tick, side by side, under one heading.
	interface Props {
		title: string;
		/** The field that each ticked box says its value by. */
		name: string;
		options: readonly { readonly value: string; readonly label: string }[];
		ticked: readonly string[];
	}
	const { title, name, options, ticked }: Props = $props();
</script>

{#if options.length > 0}
	<fieldset class="grid gap-1">
		<legend class="font-semibold">{title}</legend>
		<div class="flex flex-wrap gap-x-6">
			{#each options as { value, label } (value)}
				<label class="flex min-h-11 items-center gap-3">
					<input class="checkbox" type="checkbox" {name} {value} checked={ticked.includes(value)} />
					{label}
				</label>
			{/each}
		</div>
	</fieldset>
{/if}
