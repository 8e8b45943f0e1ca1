<script lang="ts">
	import { StoreTable as say } from '$lib/words/gather';
	import { page } from '$app/state';
	// What there is, by kind, colour and form, with a way to look at less of it.
	import Swatch from '$lib/ui/Swatch.svelte';
	import Table from '$lib/ui/Table.svelte';
	import { colourNames } from '$lib/core/colour/colours';
	import { pillowsFrom } from '$lib/core/finish/pillow';
	import { momentWords } from '$lib/ui/day-words';
	import { lineForms } from '$lib/core/store/forms';
	import { amountWords, formWords, heapWords } from '$lib/ui/store-words';
	import type { StoreFilter, StoreLine } from './store-view';
	import { filteredLines, totalsOf } from './store-view';
	import { queryOf } from '$lib/ui/query';

	interface Props {
		lines: readonly StoreLine[];
		kinds: readonly { readonly id: string; readonly name: string }[];
		filter: StoreFilter;
		/** Whether the table itself is asked for; the sums stand in any case. */
		isTable: boolean;
	}
	const { lines, kinds, filter, isTable }: Props = $props();
	const shown = $derived(filteredLines(lines, filter));
	const totals = $derived(totalsOf(lines));
	const scrapG = $derived(totals.find(({ form }) => form === 'scrap')?.amount ?? 0);
	const choices = $derived([
		{
			name: 'show',
			label: say.show(),
			options: [['', say.everything()], ...lineForms.map((form) => [form, formWords[form]])]
		},
		{
			name: 'of',
			label: say.kind(),
			options: [['', say.everyKind()], ...kinds.map(({ id, name }) => [id, name])]
		},
		{
			name: 'in',
			label: say.colour(),
			options: [['', say.everyColour()], ...colourNames.map((name) => [name, name])]
		},
		{
			name: 'order',
			label: say.order(),
			options: [
				['kind', say.byKindAndColour()],
				['amount', say.mostFirst()],
				['moved', say.lastMovedFirst()]
			]
		}
	] as const);
</script>

<section class="sheet p-4" aria-labelledby="store">
	<h2 id="store">{say.inStore()}</h2>
	{#if lines.length === 0}
		<p class="mt-2">
			{say.theStoreIsEmptySort()}
		</p>
	{:else}
		<p class="mt-2 text-[0.9375rem]">
			{say.total({
				totals: totals
					.map(({ form, amount }) => heapWords(form, amount, page.data.group.lengthSystem))
					.join(', ')
			})}
			{#if scrapG > 0}{say.theScrapStuffsPillows({ pillows: pillowsFrom(scrapG).pillows })}{/if}
			<a class="link" href="/gather/asks">{say.whatEachPlanCanDraw()}</a>
		</p>
		{#if isTable}
			<form
				class="mt-3 flex flex-wrap items-end gap-3"
				data-sveltekit-keepfocus
				data-sveltekit-noscroll
				data-sveltekit-replacestate
			>
				{#each choices as { name, label, options } (name)}
					<label class="grid max-w-full grid-cols-[minmax(0,1fr)] gap-1 text-[0.9375rem]">
						{label}
						<select
							class="field w-auto max-w-full"
							{name}
							value={filter[name]}
							onchange={(event) => event.currentTarget.form?.requestSubmit()}
						>
							{#each options as [value, words] (value)}<option {value}>{words}</option>{/each}
						</select>
					</label>
				{/each}
				<noscript><button class="btn">{say.show()}</button></noscript>
			</form>
			{#if shown.length === 0}
				<p class="mt-3">{say.noneOfThatIsIn()}</p>
			{:else}
				<div class="mt-2">
					<Table
						heads={[
							say.kind(),
							say.colour(),
							say.form(),
							{ label: say.amount(), isFigure: true },
							say.lastMoved(),
							{ label: say.history(), isSilent: true }
						]}
					>
						{#each shown as line (line.kindId + line.colour + line.form)}
							<tr data-line="{line.kind} {line.colour} {line.form}">
								<th class="font-semibold" scope="row">{line.kind}</th>
								<td><Swatch colour={line.colour} /></td>
								<td>{formWords[line.form]}</td>
								<td class="figure text-right font-semibold" data-amount
									>{amountWords(line.form, line.amount, page.data.group.lengthSystem)}</td
								>
								<td class="quiet whitespace-nowrap">{momentWords(line.movedAt)}</td>
								<td class="text-right">
									<a
										class="link-row"
										href="?{queryOf({
											...filter,
											kind: line.kindId,
											colour: line.colour,
											form: line.form
										})}#history"
										>{say.history()}<span class="sr-only">
											{say.of({
												kind: line.kind,
												colour: line.colour,
												formWords: formWords[line.form]
											})}</span
										></a
									>
								</td>
							</tr>
						{/each}
					</Table>
				</div>
			{/if}
		{:else}
			<a class="btn mt-2" href="?table=yes" data-sveltekit-noscroll>{say.showAsATable()}</a>
		{/if}
	{/if}
</section>
