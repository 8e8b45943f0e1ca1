<script lang="ts">
	import ColourPatterns from '$lib/components/drawing/ColourPatterns.svelte';
	import EntryField from '$lib/components/gather/EntryField.svelte';
	import EntrySelect from '$lib/components/gather/EntrySelect.svelte';
	import { colourNames } from '$lib/core/colour/colours';
	import { pillowsFrom } from '$lib/core/finish/pillow';
	import type { Form } from '$lib/gather/entries';
	import { forms } from '$lib/gather/entries';
	import { getQueue } from '$lib/gather/queue-context';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { figure, wholeNumber } from '$lib/plan/number-words';
	import { untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const queue = getQueue();
	const formWords: Record<Form, string> = {
		bag: 'bags',
		piece: 'cut pieces',
		ball: 'balls',
		stuffing: 'bags for stuffing',
		scrap: 'scrap'
	};
	const form = untrack(
		() =>
			new TypedForm(
				'movement',
				{
					kind: data.kinds[0]?.id ?? '',
					colour: 'white',
					form: 'bag',
					direction: 'out',
					amount: '',
					reason: 'cut',
					note: '',
					by_name: ''
				},
				data.group.lengthSystem,
				queue
			)
	);
	const back = untrack(
		() =>
			new TypedForm(
				'correction',
				{ corrects: '', note: '', by_name: '' },
				data.group.lengthSystem,
				queue
			)
	);
	let shownForm = $state<Form | ''>('');
	let order = $state<'kind' | 'amount'>('kind');
	const amountWords = (of: Form, amount: number) =>
		of === 'scrap' ? `${figure(amount / 1000)} kg` : wholeNumber(amount);
	const lines = $derived(
		data.balances
			.filter((line) => shownForm === '' || line.form === shownForm)
			.toSorted((a, b) => (order === 'amount' ? b.amount - a.amount : 0))
	);
	const totals = $derived(
		forms
			.map((one) => ({
				form: one,
				amount: data.balances
					.filter((line) => line.form === one)
					.reduce((sum, line) => sum + line.amount, 0)
			}))
			.filter(({ amount }) => amount > 0)
	);
	/** Bags for strand by colour, for the bars. */
	const byColour = $derived(
		colourNames
			.map((colour) => ({
				colour,
				bags: data.balances
					.filter((line) => line.form === 'bag' && line.colour === colour)
					.reduce((sum, line) => sum + line.amount, 0)
			}))
			.filter(({ bags }) => bags > 0)
	);
	const most = $derived(Math.max(1, ...byColour.map(({ bags }) => bags)));
	const scrapG = $derived(
		data.balances
			.filter((line) => line.form === 'scrap')
			.reduce((sum, line) => sum + line.amount, 0)
	);
	const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
	const here = $derived(
		data.line &&
			data.balances.find(
				(line) =>
					line.kindId === data.line?.kind &&
					line.colour === data.line.colour &&
					line.form === data.line.form
			)
	);
</script>

<svelte:head><title>The store · Nest Row</title></svelte:head>
<ColourPatterns />

<div class="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]">
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<section class="sheet p-4" aria-labelledby="store">
			<div class="flex flex-wrap items-center gap-4">
				<h2 class="flex-1" id="store">What there is</h2>
				<label class="flex items-center gap-2 text-[15px]">
					Show
					<select class="field w-auto" bind:value={shownForm}>
						<option value="">everything</option>
						{#each forms as one (one)}<option value={one}>{formWords[one]}</option>{/each}
					</select>
				</label>
				<label class="flex items-center gap-2 text-[15px]">
					Order
					<select class="field w-auto" bind:value={order}>
						<option value="kind">by kind and colour</option>
						<option value="amount">most first</option>
					</select>
				</label>
			</div>
			{#if data.balances.length === 0}
				<p class="mt-2">
					The store is empty. Sort what came in, and it stands here by kind and colour.
				</p>
			{:else}
				<p class="mt-2 text-[15px]">
					In all {totals
						.map(
							({ form: one, amount }) =>
								`${amountWords(one, amount)} ${one === 'scrap' ? 'of scrap' : formWords[one]}`
						)
						.join(', ')}.
					{#if scrapG > 0}The scrap stuffs {pillowsFrom(scrapG).pillows} pillows.{/if}
				</p>
				<div class="overflow-x-auto">
					<table class="mt-2 w-full text-left text-[15px]">
						<thead class="quiet"
							><tr>
								<th class="py-1 pr-3 font-normal" scope="col">Kind</th>
								<th class="px-3 font-normal" scope="col">Colour</th>
								<th class="px-3 font-normal" scope="col">As</th>
								<th class="px-3 text-right font-normal" scope="col">There are</th>
								<th class="px-3 font-normal" scope="col">Last moved</th>
								<th scope="col"><span class="sr-only">History</span></th>
							</tr></thead
						>
						<tbody>
							{#each lines as line (line.kindId + line.colour + line.form)}
								<tr
									class="border-t border-base-300"
									data-line="{line.kind} {line.colour} {line.form}"
								>
									<th class="py-1 pr-3 font-semibold" scope="row">{line.kind}</th>
									<td class="px-3">
										<span class="flex items-center gap-2">
											<svg width="22" height="22" aria-hidden="true"
												><circle
													cx="11"
													cy="11"
													r="9.5"
													fill="url(#film-{line.colour})"
													class="stroke-base-content"
												/></svg
											>
											{line.colour}
										</span>
									</td>
									<td class="px-3">{formWords[line.form]}</td>
									<td class="figure px-3 text-right font-semibold" data-amount
										>{amountWords(line.form, line.amount)}</td
									>
									<td class="quiet px-3 whitespace-nowrap">{time.format(line.movedAt)}</td>
									<td class="text-right">
										<a
											class="link-row"
											href="?kind={line.kindId}&colour={line.colour}&form={line.form}"
											data-sveltekit-noscroll
											>History<span class="sr-only">
												of {line.kind} {line.colour} {formWords[line.form]}</span
											></a
										>
									</td>
								</tr>
							{/each}
						</tbody>
					</table>
				</div>
			{/if}
		</section>

		{#if data.line}
			<section class="sheet p-4" aria-labelledby="history">
				<h2 id="history">
					Every movement of {here
						? `${here.kind}, ${here.colour}, ${formWords[here.form]}`
						: 'this line'}
				</h2>
				<div class="overflow-x-auto">
					<table class="mt-2 w-full text-left text-[15px]">
						<thead class="sr-only"
							><tr><th>When</th><th>How much</th><th>Why</th><th>Take back</th></tr></thead
						>
						<tbody>
							{#each data.movements as move (move.id)}
								<tr class="border-t border-base-300">
									<td class="quiet py-1.5 pr-3 whitespace-nowrap">{time.format(move.movedAt)}</td>
									<td class="figure px-3 text-right font-semibold whitespace-nowrap"
										>{move.amount > 0 ? '+' : '−'}{data.line
											? amountWords(data.line.form, Math.abs(move.amount))
											: ''}</td
									>
									<td class="px-3">
										{move.reason}{move.byName ? `, by ${move.byName}` : ''}
										{#if move.note}<span class="quiet block text-sm">{move.note}</span>{/if}
									</td>
									<td class="text-right">
										{#if move.correctedBy}
											<span class="quiet">taken back</span>
										{:else if move.reason !== 'correction'}
											<button
												type="button"
												class="btn px-3 font-normal"
												onclick={() => (back.typed.corrects = String(move.id))}>Take back</button
											>
										{/if}
									</td>
								</tr>
								{#if back.typed.corrects === String(move.id)}
									<tr>
										<td colspan="4" class="pb-3">
											<form
												class="grid gap-2 sm:grid-cols-[1fr_auto] sm:items-end"
												onsubmit={(event) => {
													event.preventDefault();
													void back.submit(`movement ${move.id} taken back`, []);
												}}
											>
												<EntryField form={back} field="note" label="Why it is taken back" />
												<button class="btn btn-neutral">Take it back</button>
											</form>
										</td>
									</tr>
								{/if}
							{/each}
						</tbody>
					</table>
				</div>
			</section>
		{/if}
	</div>

	<div class="grid gap-4">
		<form
			class="sheet grid gap-3 p-4"
			onsubmit={(event) => {
				event.preventDefault();
				void form.submit(
					`${form.typed.amount} ${form.typed.colour} ${formWords[form.typed.form as Form] ?? ''} ${form.typed.direction}`,
					['kind', 'colour', 'form', 'direction', 'reason', 'by_name']
				);
			}}
		>
			<h2>Move something</h2>
			<div class="grid grid-cols-2 gap-3">
				<EntrySelect
					{form}
					field="direction"
					label="Which way"
					options={[
						{ value: 'in', label: 'into the store' },
						{ value: 'out', label: 'out of it' }
					]}
				/>
				<EntryField
					{form}
					field="amount"
					label="How much"
					hint={form.typed.form === 'scrap' ? 'g or kg' : 'a count'}
				/>
				<EntrySelect
					{form}
					field="form"
					label="Of"
					options={forms.map((one) => ({ value: one, label: formWords[one] }))}
				/>
				<EntrySelect
					{form}
					field="colour"
					label="Colour"
					options={colourNames.map((name) => ({ value: name, label: name }))}
				/>
			</div>
			<EntrySelect
				{form}
				field="kind"
				label="Kind"
				options={data.kinds.map(({ id, name }) => ({ value: id, label: name }))}
			/>
			<EntrySelect
				{form}
				field="reason"
				label="Because"
				options={[
					{ value: 'cut', label: 'cut' },
					{ value: 'joined', label: 'joined and balled' },
					{ value: 'made', label: 'made into a mat' },
					{ value: 'given', label: 'given away' },
					{ value: 'counted', label: 'counted again' }
				]}
			/>
			<EntryField {form} field="by_name" label="By, if they like" />
			<EntryField {form} field="note" label="Note" />
			<button class="btn btn-accent">Book it</button>
			<p role="status" class="font-semibold text-secondary">{form.said}</p>
		</form>
		{#if byColour.length > 0}
			<section class="sheet p-4" aria-labelledby="colours">
				<h2 id="colours">Bags for strand, by colour</h2>
				<ul class="mt-2 grid gap-1">
					{#each byColour as { colour, bags } (colour)}
						<li class="grid grid-cols-[4.5rem_1fr_auto] items-center gap-2 text-[15px]">
							<span>{colour}</span>
							<svg class="h-5 w-full" preserveAspectRatio="none" aria-hidden="true">
								<rect
									width="{(bags / most) * 100}%"
									height="100%"
									rx="4"
									fill="url(#film-{colour})"
									class="stroke-base-content/50"
								/>
							</svg>
							<span class="figure font-semibold">{wholeNumber(bags)}</span>
						</li>
					{/each}
				</ul>
			</section>
		{/if}
	</div>
</div>
