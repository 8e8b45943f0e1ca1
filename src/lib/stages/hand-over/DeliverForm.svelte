<script lang="ts">
	// Good mats for a place: chosen from those that lie there, rolled and packed as they will be.
	import { DeliverForm as say } from '$lib/words/hand-over';
	import CodeField from '$lib/entries/CodeField.svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { matCodesIn, usualCrate } from '$lib/entries/types/deliver';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { capital, smallNumber } from '$lib/ui/number-words';
	import { lengthOf } from '$lib/ui/typed-values';
	import { untrack } from 'svelte';
	import Crates from './Crates.svelte';
	import Shelf from './Shelf.svelte';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { AskLine, PillowLine, ReadyMat } from './hand-over-view';
	import { careWords, crateWords, deferWords } from './hand-over-words';
	import { packMats } from './packing';

	interface Props {
		mats: readonly ReadyMat[];
		pillows: readonly PillowLine[];
		/** Crates as they were packed in last, as they are typed. */
		crates: Readonly<Record<'crate_width' | 'crate_depth' | 'crate_height', string>>;
		places: readonly { readonly id: string; readonly name: string }[];
		/** What is asked for and not all there yet. */
		asks: readonly AskLine[];
		sent?: SentForm | null | undefined;
	}
	const { mats, pillows, crates, places, asks, sent }: Props = $props();
	const outbox = getOutbox();
	const { system } = $derived(outbox.readBy());
	const form = untrack(
		() =>
			new TypedForm(
				'deliver',
				{
					place: places[0]?.id ?? '',
					mats: '',
					pillows: '',
					goes_on: outbox.readBy().today,
					...crates,
					gathering: '',
					note: ''
				},
				outbox,
				sent
			)
	);
	const chosen = $derived(matCodesIn(form.typed['mats'] ?? '') ?? []);
	function toggle(code: string): void {
		form.beginNext();
		form.typed['mats'] = (
			chosen.includes(code) ? chosen.filter((one) => one !== code) : [...chosen, code]
		).join(' ');
	}
	const edges = ['crate_width', 'crate_depth', 'crate_height'] as const;
	/** The crates as they are typed; the usual ones where nothing readable is. */
	const edgeOf = (field: (typeof edges)[number], usual: number): number => {
		const { mm = NaN } = lengthOf(form.typed[field] ?? '', system, 'bag');
		return mm > 0 ? mm : usual;
	};
	const crate = $derived({
		widthMm: edgeOf('crate_width', usualCrate.widthMm),
		depthMm: edgeOf('crate_depth', usualCrate.depthMm),
		heightMm: edgeOf('crate_height', usualCrate.heightMm)
	});
	const packed = $derived(
		packMats(
			mats.filter(({ code }) => chosen.includes(code)),
			crate
		)
	);
	let isOver = $state(false);
	/** The soonest ask of the place that is packed for. */
	const ask = $derived(
		asks.find(
			({ placeName, isDone }) =>
				!isDone && placeName === places.find(({ id }) => id === form.typed['place'])?.name
		)
	);
	const soft = $derived(matCodesIn(form.typed['pillows'] ?? '') ?? []);
	/** A pillow with each mat, as far as there are pillows. */
	function withPillows(): void {
		form.beginNext();
		form.typed['pillows'] = pillows
			.slice(0, chosen.length)
			.map(({ code }) => code)
			.join(' ');
	}
</script>

<EntryForm
	{form}
	title={say.sendMats()}
	isTitled={false}
	act={say.recordDelivery()}
	stays={['place', 'goes_on', ...edges]}
>
	<div
		class="grid grid-cols-[minmax(0,1fr)] items-start gap-x-6 gap-y-4 @min-[48rem]:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]"
	>
		<Shelf {mats} {chosen} {system} ontoggle={toggle} />
		<div
			class="grid grid-cols-[minmax(0,1fr)] gap-3 rounded-lg border-2 p-3 {isOver
				? 'border-primary bg-primary/10'
				: 'border-base-300'}"
			role="group"
			aria-label={say.theBox()}
			ondragover={(event) => {
				event.preventDefault();
				isOver = true;
			}}
			ondragleave={() => (isOver = false)}
			ondrop={(event) => {
				event.preventDefault();
				isOver = false;
				const code = event.dataTransfer?.getData('text/plain') ?? '';
				if (mats.some((mat) => mat.code === code) && !chosen.includes(code)) toggle(code);
			}}
		>
			<div class="grid grid-cols-[repeat(2,minmax(0,1fr))] gap-3">
				<EntrySelect
					{form}
					field="place"
					label={say.receivingPlace()}
					options={places.map(({ id, name }) => ({ value: id, label: name }))}
				/>
				<EntryField {form} field="goes_on" label={say.day()} type="date" />
			</div>
			{#if ask}<p class="quiet text-[0.9375rem]" data-asked>
					{say.theyAskedFor({
						mats: ask.mats,
						by: nearDayWords(ask.byDay, outbox.readBy().today),
						handed: ask.handed
					})}
				</p>{/if}
			{#if packed.rolls.length > 0}
				<Crates {packed} {crate} {system} />
			{:else}
				<div
					class="grid min-h-28 place-items-center rounded-lg border-2 border-dashed border-base-content/50 bg-base-200 p-4 text-center"
				>
					{say.theBoxIsEmpty()}
				</div>
			{/if}
			<div class="flex flex-wrap items-center justify-between gap-x-4">
				<p class="text-lg">
					<strong class="figure text-2xl"
						>{ask
							? say.countOf({ count: chosen.length, mats: ask.mats - ask.handed })
							: chosen.length}</strong
					>
					{say.matsPacked({ count: chosen.length })}
				</p>
				{#if pillows.length > 0}<button class="btn font-normal" type="button" onclick={withPillows}
						>{say.aPillowWithEach()}</button
					>{/if}
			</div>
		</div>
	</div>
	{#snippet after()}
		{#if pillows.length > 0 || form.typed['pillows'] !== ''}
			<p class="quiet text-[0.9375rem]" data-pairs={soft.length}>
				{soft.length === 0
					? say.ready({
							part:
								pillows.length === 1
									? say.onePillowLies()
									: say.pillows2({ length: capital(smallNumber(pillows.length)) })
						})
					: soft
							.map(
								(code, at) =>
									`${code} ${chosen[at] ? say.with({ chosen: chosen[at] }) : say.onItsOwn()}`
							)
							.join(', ')}
			</p>
		{/if}
		<div class="grid gap-3 @min-[38rem]:grid-cols-3">
			<CodeField {form} field="mats" label={say.theirLabels()} isMany />
			<EntryField {form} field="note" label={say.noteForThem()} />
			{#if pillows.length > 0 || form.typed['pillows'] !== ''}
				<EntryField {form} field="pillows" label={say.pillows()} autocomplete="off" />
			{/if}
		</div>
		<details open={[...edges, 'gathering'].some((field) => form.problems[field])}>
			<summary class="min-h-11 cursor-pointer py-2"
				>{say.boxesOfAGathering({ crate: crateWords(crate, system) })}</summary
			>
			<div class="grid gap-3">
				<div class="grid gap-3 @min-[24rem]:grid-cols-3">
					<EntryField {form} field="crate_width" label={say.boxWidth()} inputmode="decimal" />
					<EntryField {form} field="crate_depth" label={say.depth()} inputmode="decimal" />
					<EntryField {form} field="crate_height" label={say.height()} inputmode="decimal" />
				</div>
				<EntryField
					{form}
					field="gathering"
					label={say.eventAtTheDelivery()}
					hint={say.whatForAndWhenIt()}
				/>
			</div>
		</details>
		<p class="quiet text-[0.9375rem]">{careWords.join(' ')} {deferWords}</p>
	{/snippet}
</EntryForm>
