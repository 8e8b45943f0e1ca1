<script lang="ts">
	// Several kinds of bag in one mat: how much of each, how each is cut so that its yarn is like the
	// others', what difference stays, and in which order to join the pieces.
	import { varyingAs } from '$lib/core/estimate/estimate';
	import { MixKinds as say } from '$lib/words/plan';
	import { kindOfBag } from '$lib/core/bag/same-bag';
	import { bagPresets } from '$lib/core/bag/presets';
	import type { LikeCut } from '$lib/core/kinds/like-cut';
	import { mostAlso } from '$lib/core/model/limits';
	import type { PlanMix } from '$lib/core/model/types';
	import { trimmed } from '$lib/core/units/format-length';
	import { wholeNumber } from '$lib/ui/number-words';
	import type { Bench } from '../bench/bench.svelte';
	import { mixText } from '../fields/mix-field';
	import { intervalWords } from '../words/tally-words';
	import { bagName } from '../words/step-lines';
	import PieceOrder from './PieceOrder.svelte';

	const { bench }: { bench: Bench } = $props();
	const mix = $derived(bench.plan.mix);
	const kinds = $derived(bench.drawn.estimate.model.kinds);
	const uid = $props.id();

	interface Offered {
		readonly name: string;
		readonly bag: PlanMix['also'][number]['bag'];
		readonly count: number;
	}
	/** Kinds that can be added: the group's own, else those every group starts with. */
	const offered = $derived.by((): Offered[] => {
		const known: Offered[] =
			bench.kinds.length > 0
				? bench.kinds.map(({ kind, bag, count }) => ({ name: kind, bag, count }))
				: bagPresets.map(({ bag }) => ({ name: bagName(bag), bag, count: 0 }));
		const inMat = [bench.plan.bag, ...(mix?.also ?? []).map(({ bag }) => bag)];
		return known.filter(({ bag }) => kindOfBag(bag, inMat) === null);
	});
	const put = (next: PlanMix | undefined, isSettled = true) =>
		isSettled ? bench.choose({ mix: mixText(next) }) : bench.type({ mix: mixText(next) });
	const countOf = (bag: Offered['bag']) =>
		Math.max(1, bench.kinds.find((one) => kindOfBag(bag, [one.bag]))?.count ?? 0);
	function add({ name, bag, count }: Offered): void {
		if (!mix) put({ by: 'share', amount: 0.5, also: [{ name, bag, amount: 0.5 }] });
		else if (mix.by === 'count')
			put({ ...mix, also: [...mix.also, { name, bag, amount: Math.max(1, count) }] });
		else {
			// The new one takes its part of what all others had.
			const part = 1 / (mix.also.length + 2);
			const less = (amount: number) => rounded(amount * (1 - part));
			put({
				...mix,
				amount: less(mix.amount),
				also: [
					...mix.also.map((one) => ({ ...one, amount: less(one.amount) })),
					{ name, bag, amount: rounded(part) }
				]
			});
		}
	}
	const rounded = (share: number) => Math.max(0.01, Math.round(share * 100) / 100);
	function leaveOut(nth: number): void {
		if (!mix) return;
		const also = mix.also.filter((_, at) => at !== nth - 1);
		put(also.length > 0 ? { ...mix, also } : undefined);
	}
	function setAmount(nth: number, text: string): void {
		const said = Number(text.replace(',', '.'));
		if (!mix || !(said > 0)) return;
		const amount = mix.by === 'share' ? said / 100 : said;
		if (nth === 0) put({ ...mix, amount }, false);
		else
			put(
				{ ...mix, also: mix.also.map((one, at) => (at === nth - 1 ? { ...one, amount } : one)) },
				false
			);
	}
	function useBy(by: PlanMix['by']): void {
		if (!mix || mix.by === by) return;
		const shares = kinds?.map(({ share }) => rounded(share)) ?? [];
		const amountOf = (nth: number, bag: Offered['bag']) =>
			by === 'share' ? (shares[nth] ?? 0.5) : countOf(bag);
		put({
			by,
			amount: amountOf(0, bench.plan.bag),
			also: mix.also.map((one, at) => ({ ...one, amount: amountOf(at + 1, one.bag) }))
		});
	}
	const typedAmount = (amount: number) =>
		mix?.by === 'share' ? trimmed(amount * 100, 1) : trimmed(amount, 0);
	const amounts = $derived(mix ? [mix.amount, ...mix.also.map(({ amount }) => amount)] : []);
	/** Bags of a kind vary as all of the plan's do. */
	const rangeOf = (bags: number) =>
		intervalWords(varyingAs(bench.drawn.estimate.tally.toPrepare, bags), 'toPrepare', bench.system);
	const nameOf = (nth: number) =>
		nth === 0 ? bagName(bench.plan.bag) : (mix?.also[nth - 1]?.name ?? say.kind({ nth: nth + 1 }));
	function cutWords({ cut, yield: made }: LikeCut): string {
		const width = bench.readable(made.stripWidthMm, 'small');
		if (cut.style === 'loops') return say.cutInto({ pieces: made.pieces, width });
		return cut.style === 'spiral' ? say.wide({ width }) : say.asIs();
	}
	function offWords({ thicknessOff, verdict }: LikeCut): string {
		const percent = Math.round(Math.abs(thicknessOff) * 100);
		const off =
			percent === 0
				? say.sameYarn()
				: thicknessOff > 0
					? say.thicker({ percent })
					: say.thinner({ percent });
		const does = { 'as-one': say.asOne(), alternate: say.alternate(), 'keep-apart': say.apart() };
		return `${off}: ${does[verdict]}`;
	}
</script>

<div class="grid gap-3">
	{#if mix && kinds}
		<fieldset>
			<legend class="mb-1 text-[0.9375rem]">{say.sharesOrBags()}</legend>
			<div class="flex flex-wrap gap-x-5">
				{#each [{ value: 'share', label: say.shares() }, { value: 'count', label: say.counts() }] as const as { value, label } (value)}
					<label class="flex min-h-11 items-center gap-2">
						<input
							class="radio"
							type="radio"
							name="{uid}-by"
							{value}
							checked={mix.by === value}
							onchange={() => useBy(value)}
						/>
						{label}
					</label>
				{/each}
			</div>
		</fieldset>
		<ul class="grid gap-3" aria-label={say.kindsInThisMat()}>
			{#each kinds as { like, weft, toPrepare, short }, nth (nth)}
				<li
					class="grid grid-cols-[2.5rem_minmax(0,1fr)_6rem_auto] items-center gap-x-3 border-t border-base-300 pt-2 first:border-t-0"
					data-kind={nth + 1}
				>
					<svg class="h-9 w-9" viewBox="0 0 24 24" aria-hidden="true">
						<rect class="piece piece-{nth}" x="1" y="1" width="22" height="22" rx="4" />
						<text x="12" y="16.5" text-anchor="middle" class="piece-number">{nth + 1}</text>
					</svg>
					<strong class="break-words">{nameOf(nth)}</strong>
					<span class="flex items-center gap-1"
						><input
							class="field min-w-0 text-right"
							inputmode="decimal"
							aria-label={mix.by === 'share'
								? say.share({ nth: nth + 1 })
								: say.bags({ nth: nth + 1 })}
							value={typedAmount(amounts[nth] ?? 0)}
							oninput={(event) => setAmount(nth, event.currentTarget.value)}
							onchange={() => bench.note()}
						/>{mix.by === 'share' ? '%' : ''}</span
					>
					{#if nth > 0}
						<button
							type="button"
							class="btn btn-ghost px-3 font-normal"
							aria-label={say.remove({ nth: nth + 1 })}
							onclick={() => leaveOut(nth)}>×</button
						>
					{:else}<span></span>{/if}
					<p class="col-start-2 col-end-5 text-[0.9375rem]">
						{cutWords(like)}{weft ? ` · ${cutWords(weft)}` : ''} · {offWords(like)} ·
						<strong data-bags>{say.needs({ bags: wholeNumber(Math.ceil(toPrepare)) })}</strong>
						<span class="quiet">({rangeOf(toPrepare)})</span>{#if short > 0.5}, <span
								class="font-semibold text-error"
								>{say.short({ bags: wholeNumber(Math.ceil(short)) })}</span
							>{/if}
					</p>
				</li>
			{/each}
		</ul>
		<PieceOrder {kinds} names={kinds.map((_, nth) => nameOf(nth))} />
		<p class="quiet text-[0.9375rem]">{say.cardsOnPaper()}</p>
	{/if}
	{#if (mix?.also.length ?? 0) < mostAlso}
		{#if offered.length > 0}
			<div class="flex flex-wrap gap-2" role="group" aria-label={say.addKind()}>
				{#each offered as one (one.name)}
					<button type="button" class="btn font-normal" data-add={one.name} onclick={() => add(one)}
						>+ {one.name}</button
					>
				{/each}
			</div>
		{:else}<p class="quiet text-[0.9375rem]">{say.noOther()}</p>{/if}
	{/if}
</div>

<style>
	.piece-number {
		font-size: 12px;
		font-weight: 700;
		fill: var(--color-base-content);
	}
</style>
