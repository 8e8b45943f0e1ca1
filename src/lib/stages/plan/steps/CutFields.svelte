<script lang="ts">
	import { CutFields as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { evenWidths } from '$lib/core/cut/even-widths';
	import type { Cut, CutStyle } from '$lib/core/cut/types';
	import { trimsOf } from '$lib/core/cut/types';
	import type { CutYield } from '$lib/core/cut/yield';
	import type { CutPrefix } from '$lib/stages/plan/fields';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import TextField from '../parts/TextField.svelte';

	interface Props {
		bench: Bench;
		/** Whose cut: the plan's own, or a loom's weft. */
		prefix: CutPrefix;
		cut: Cut;
		laid: CutYield;
		legend: string;
	}
	const { bench, prefix, cut, laid, legend }: Props = $props();
	/** So that every field of the page has a name of its own. */
	const whose = $derived(prefix === 'weft_' ? ', weft' : '');
	const mm = (length: number) => bench.readable(length, 'small');
	const usableMm = $derived.by(() => {
		const { trimBottomMm, trimTopMm } = trimsOf(cut);
		return Math.max(40, bench.plan.bag.bodyMm - trimBottomMm - trimTopMm);
	});
	const even = $derived(evenWidths(usableMm, 25, usableMm).slice(0, 8));
	const styles: readonly { value: CutStyle; label: string }[] = [
		{ value: 'loops', label: say.loops() },
		{ value: 'spiral', label: say.spiral() },
		{ value: 'half-bag', label: say.halfBag() },
		{ value: 'whole-tube', label: say.wholeTube() }
	];
</script>

<ChoiceRow
	{bench}
	field="{prefix}style"
	{legend}
	choices={styles}
	onchoose={(style) => bench.chooseStyle(prefix, style as CutStyle)}
/>
<div class="not-{prefix}half grid gap-4">
	<ChoiceRow
		{bench}
		field="{prefix}trim"
		legend={say.trimBothEnds()}
		choices={[
			{ value: 'generous', label: say.generous(), note: mm(50) },
			{ value: 'close', label: say.close(), note: mm(12) },
			{ value: 'own', label: say.ourOwn() }
		]}
		onchoose={(school) =>
			school === 'own'
				? bench.choose({ [`${prefix}trim`]: 'own' })
				: bench.chooseTrim(prefix, school as 'generous' | 'close')}
	/>
	<div class="only-{prefix}trim-own grid grid-cols-2 gap-3">
		<TextField {bench} field="{prefix}trim_bottom" label={say.offTheBottom({ whose })} />
		<TextField {bench} field="{prefix}trim_top" label={say.belowTheHandles({ whose })} />
	</div>
</div>
<div class="only-{prefix}loops grid gap-4">
	<ChoiceRow
		{bench}
		field="{prefix}loops"
		legend={say.ringsStraightAcrossTheTube()}
		choices={[
			{ value: 'equal', label: say.equalFolds() },
			{ value: 'measured', label: say.measuredWidth() }
		]}
	/>
	<div class="only-{prefix}equal">
		<TextField
			{bench}
			field="{prefix}equal_strips"
			label={say.howManyRings({ whose })}
			hint={say.foldingTwiceGives4Three()}
		/>
	</div>
</div>
<div class="only-{prefix}strip grid gap-2">
	<TextField {bench} field="{prefix}strip_width" label={say.stripWidth({ whose })} />
	<input
		class="range w-full range-primary"
		type="range"
		min="10"
		max={Math.max(20, Math.min(200, Math.floor(usableMm / (cut.style === 'spiral' ? 2 : 1))))}
		step="1"
		value={laid.stripWidthMm}
		oninput={(event) => bench.slideStripWidth(prefix, event.currentTarget.valueAsNumber)}
		onchange={() => bench.note()}
		aria-label={say.stripWidthSlider({ whose })}
		aria-valuetext={mm(laid.stripWidthMm)}
	/>
</div>
<div class="only-{prefix}loops">
	<p class="quiet mb-1 text-[0.9375rem]" id="{prefix}even-cuts">
		{say.cutsWithNothingLeftOver()}
	</p>
	<div class="flex flex-wrap gap-2" role="group" aria-labelledby="{prefix}even-cuts">
		{#each even as { strips, widthMm } (strips)}
			<button
				type="button"
				class="btn px-3 text-[0.9375rem] font-normal aria-pressed:outline-2 aria-pressed:outline-base-content"
				aria-pressed={bench.fields[`${prefix}loops`] === 'equal' &&
					bench.fields[`${prefix}equal_strips`] === String(strips)}
				onclick={() => bench.chooseEqualStrips(prefix, strips)}
			>
				{strips} × {mm(widthMm)}
			</button>
		{/each}
	</div>
</div>
<div class="only-{prefix}spiral grid gap-3">
	<TextField
		{bench}
		field="{prefix}margin"
		label={say.leftUncutAtOneEdge({ whose })}
		hint={say.thenEachSlitIsCut()}
	/>
	<p class="quiet text-[0.9375rem]">
		{say.oneWrongSlantGivesSeparate()}
	</p>
</div>
<p class="only-{prefix}half quiet text-[0.9375rem]">
	{say.noTrimmingGatherTheBag()}
</p>
<div class="only-{prefix}tube">
	<ChoiceRow
		{bench}
		field="{prefix}handles"
		legend={say.handles()}
		choices={[
			{ value: 'cut', label: say.cutOff() },
			{ value: 'kept', label: say.kept(), note: say.bulkierNoWaste() }
		]}
	/>
</div>
