<script lang="ts">
	// Which printer the sheet came from, and how long its line of 100 mm is: asked once a printer.
	import { PhotoPage as say } from '$lib/words/photo';
	import { trimmed } from '$lib/core/units/format-length';
	import FieldFrame from '$lib/ui/FieldFrame.svelte';
	import { newKey } from '$lib/ui/new-key';
	import { actTo } from '$lib/ui/offered';
	import { enhance } from '$app/forms';

	interface Props {
		printers: readonly { readonly id: string; readonly name: string; readonly lineMm: number }[];
		chosen: string;
		onchoose: (id: string) => void;
		pageKey: string;
		problems: { name?: string; line?: string } | undefined;
		typed: { name: string; line: string } | undefined;
	}
	const { printers, chosen, onchoose, pageKey, problems, typed }: Props = $props();
	let madeKey = $state<string | null>(null);
	const key = $derived(madeKey ?? pageKey);
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" data-printers>
	<label class="grid gap-1">
		<span>{say.printedBy()}</span>
		<select
			class="field"
			value={chosen}
			onchange={({ currentTarget }) => onchoose(currentTarget.value)}
		>
			{#each printers as { id, name, lineMm } (id)}
				<option value={id}>{say.aPrinter({ name, mm: trimmed(lineMm, 1) })}</option>
			{/each}
			<option value="">{say.printedAtFullSize()}</option>
		</select>
	</label>
	<details open={printers.length === 0 || problems !== undefined}>
		<summary class="min-h-11 cursor-pointer py-2">{say.addAPrinter()}</summary>
		<form
			class="grid gap-2"
			method="POST"
			{...actTo('?/printer')}
			use:enhance={() =>
				async ({ result, update }) => {
					await update({ reset: result.type === 'success' });
					if (result.type === 'success') madeKey = newKey();
				}}
		>
			<p class="quiet text-[0.9375rem]">{say.measureTheLine()}</p>
			<input type="hidden" name="key" value={key} />
			<div class="grid grid-cols-2 gap-3">
				<FieldFrame id="printer-name" label={say.printerName()} problem={problems?.name}>
					{#snippet children(described)}
						<input
							class="field"
							id="printer-name"
							name="name"
							maxlength="60"
							value={typed?.name ?? ''}
							{...described}
						/>
					{/snippet}
				</FieldFrame>
				<FieldFrame id="printer-line" label={say.lineIs()} problem={problems?.line}>
					{#snippet children(described)}
						<input
							class="field"
							id="printer-line"
							name="line"
							inputmode="decimal"
							value={typed?.line ?? ''}
							{...described}
						/>
					{/snippet}
				</FieldFrame>
			</div>
			<p><button class="btn">{say.save()}</button></p>
		</form>
	</details>
</section>
