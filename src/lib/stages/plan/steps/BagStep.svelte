<script lang="ts">
	import type { Component } from 'svelte';
	import { BagStep as say } from '$lib/words/plan';
	import { massWords } from '$lib/ui/unit-words';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { figuresOfBag } from '$lib/core/bag/bag-figures';
	import { kindNearBag, kindOfBag } from '$lib/core/bag/same-bag';
	import type { BagPresetId } from '$lib/core/bag/presets';
	import { presetOf } from '$lib/core/bag/presets';
	import { queryOf } from '$lib/ui/query';
	import Caution from '$lib/ui/Caution.svelte';
	import Term from '$lib/ui/Term.svelte';
	import { trimmed } from '$lib/core/units/format-length';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import TextField from '../parts/TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const presets: readonly { value: BagPresetId | 'own'; label: string }[] = [
		{ value: 'thin-carrier', label: say.thinCarrier() },
		{ value: 'shop-bag', label: say.heavierShopBag() },
		{ value: 'milk-pouch', label: say.milkPouch() },
		{ value: 'own', label: say.ourOwn() }
	];
	const measures = $derived.by(() => {
		const { flatWidthMm, bodyMm, gussetMm, handleMm, massG } = bench.plan.bag;
		return [
			say.flat({
				width: bench.readable(flatWidthMm, 'bag'),
				body: bench.readable(bodyMm, 'bag')
			}),
			gussetMm > 0 ? say.gussets({ readable: bench.readable(gussetMm, 'small') }) : say.noGussets(),
			handleMm > 0 ? say.handles({ readable: bench.readable(handleMm, 'small') }) : say.noHandles(),
			say.tenWeigh({ mass: massWords(massG * 10, bench.system) })
		].join(', ');
	});
	/** Kinds the group has measured itself, beside the ones that every group starts with. */
	const ownKinds = $derived(bench.kinds.filter(({ bag }) => presetOf(bag) === null));
	/** A kind that the bag on the bench nearly is, and whether it is one at all. */
	const near = $derived(
		kindNearBag(
			bench.plan.bag,
			bench.kinds.map(({ bag }) => bag)
		)
	);
	const nearKind = $derived(bench.kinds.find(({ bag }) => bag === near) ?? null);
	const isKnown = $derived(
		kindOfBag(
			bench.plan.bag,
			bench.kinds.map(({ bag }) => bag)
		) !== null
	);
	/** The bag's measures for the page where kinds are kept. */
	const asKind = $derived(
		`/gather/kinds?${queryOf({ bag: figuresOfBag(bench.plan.bag).join(' ') })}`
	);
	// Few mats are of several kinds: what sets them comes when it is asked for.
	let mixKinds = $state.raw<Promise<{ default: Component<{ bench: Bench }> }> | null>(null);
	const openMix = (event: Event) => {
		if ((event.currentTarget as HTMLDetailsElement).open)
			mixKinds ??= import('../parts/MixKinds.svelte');
	};
	const choose = (value: string) =>
		value === 'own'
			? bench.choose({ bag_preset: 'own' })
			: bench.choosePreset(value as BagPresetId);
</script>

<ChoiceRow {bench} field="bag_preset" legend={say.whichBag()} choices={presets} onchoose={choose} />
<p class="needs-scripts">
	<a
		class="inline-flex min-h-11 link items-center"
		href="/photo?of=bag"
		onclick={({ currentTarget }) => (currentTarget.search = `?of=bag&from=${location.pathname}`)}
		>{say.fromAPhoto()}</a
	>
</p>
{#if ownKinds.length > 0}
	<div class="needs-scripts flex flex-wrap gap-2" role="group" aria-label={say.kindsYouMeasured()}>
		{#each ownKinds as { kind, bag } (kind)}
			<button
				type="button"
				class="btn font-normal"
				aria-pressed={kindOfBag(bench.plan.bag, [bag]) !== null}
				onclick={() => bench.chooseBag(bag)}>{kind}</button
			>
		{/each}
	</div>
{/if}
<p class="quiet text-[0.9375rem]">
	{say.itsFilmIs({
		measures,
		filmThicknessMm: trimmed(bench.drawn.estimate.model.filmThicknessMm * 1000, 0)
	})}
	<Term term="micron">µm</Term>
	{say.thick()}
</p>
<div class="only-own-bag grid grid-cols-2 gap-3">
	<p class="quiet col-span-2 text-[0.9375rem]">
		{say.aRulerAndAKitchen()}
	</p>
	<TextField {bench} field="bag_width" label={say.flatWidth()} />
	<TextField {bench} field="bag_gusset" label={say.gussetEachSide()} hint={say.n0IfNone()} />
	<TextField {bench} field="bag_body" label={say.seamToHandles()} />
	<TextField {bench} field="bag_handle" label={say.handleHeight()} hint={say.n0IfNone()} />
	<TextField {bench} field="handful_g" label={say.aHandfulWeighs()} />
	<TextField {bench} field="handful_count" label={say.bagsInTheHandful()} />
	{#if nearKind}
		<p
			class="needs-scripts col-span-2 flex flex-wrap items-center gap-2 text-[0.9375rem]"
			data-near
		>
			{say.thisIsAlmostTheSame({ kind: nearKind.kind })}
			<button
				type="button"
				class="btn font-normal"
				onclick={() => nearKind && bench.chooseBag(nearKind.bag)}>{say.planWithThatKind()}</button
			>
		</p>
	{/if}
	{#if !isKnown && bench.isCurrent}
		<p class="col-span-2 text-[0.9375rem]">
			<a class="link" href={asKind}>{say.keepThisBagAsA()}</a>{say.soThatTheStoreAnd()}
		</p>
	{/if}
</div>
<details class="needs-scripts" open={bench.plan.mix !== undefined} ontoggle={openMix}>
	<summary class="min-h-11 cursor-pointer py-2">{say.moreKinds()}</summary>
	{#if mixKinds}
		{#await mixKinds then { default: MixKinds }}<MixKinds {bench} />{/await}
	{/if}
</details>
<Caution>
	{say.glovesOrWashedHandsFor()}
</Caution>
