<script lang="ts">
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
		{ value: 'loops', label: 'Rings' },
		{ value: 'spiral', label: 'Spiral' },
		{ value: 'half-bag', label: 'Half bag' },
		{ value: 'whole-tube', label: 'Whole tube' }
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
		legend="Trim, both ends"
		choices={[
			{ value: 'generous', label: 'Generous', note: mm(50) },
			{ value: 'close', label: 'Close', note: mm(12) },
			{ value: 'own', label: 'Our own' }
		]}
		onchoose={(school) =>
			school === 'own'
				? bench.choose({ [`${prefix}trim`]: 'own' })
				: bench.chooseTrim(prefix, school as 'generous' | 'close')}
	/>
	<div class="only-{prefix}trim-own grid grid-cols-2 gap-3">
		<TextField {bench} field="{prefix}trim_bottom" label="Off the bottom{whose}" />
		<TextField {bench} field="{prefix}trim_top" label="Below the handles{whose}" />
	</div>
</div>
<div class="only-{prefix}loops grid gap-4">
	<ChoiceRow
		{bench}
		field="{prefix}loops"
		legend="Rings, straight across the tube"
		choices={[
			{ value: 'equal', label: 'Equal folds' },
			{ value: 'measured', label: 'Measured width' }
		]}
	/>
	<div class="only-{prefix}equal">
		<TextField
			{bench}
			field="{prefix}equal_strips"
			label="How many rings{whose}"
			hint="Fold and fold again gives 2, 4, 8"
		/>
	</div>
</div>
<div class="only-{prefix}strip grid gap-2">
	<TextField {bench} field="{prefix}strip_width" label="Strip width{whose}" />
	<input
		class="range w-full range-primary"
		type="range"
		min="10"
		max={Math.max(20, Math.min(200, Math.floor(usableMm / (cut.style === 'spiral' ? 2 : 1))))}
		step="1"
		value={laid.stripWidthMm}
		oninput={(event) => bench.slideStripWidth(prefix, event.currentTarget.valueAsNumber)}
		onchange={() => bench.note()}
		aria-label="Strip width{whose}, by sliding"
		aria-valuetext={mm(laid.stripWidthMm)}
	/>
</div>
<div class="only-{prefix}loops">
	<p class="quiet mb-1 text-[0.9375rem]" id="{prefix}even-cuts">
		Cuts of this bag with nothing left over
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
		label="Left uncut at one edge{whose}"
		hint="Then each slit is cut over to its neighbour on a slant"
	/>
	<p class="quiet text-[0.9375rem]">
		One wrong slant gives separate rings: open it up and check after the first two.
	</p>
</div>
<p class="only-{prefix}half quiet text-[0.9375rem]">
	No trimming: gather the bag, cut down between the handles, and open each half at its folded corner
	short of the seam. Two very wide rings, the whole film used.
</p>
<div class="only-{prefix}tube">
	<ChoiceRow
		{bench}
		field="{prefix}handles"
		legend="Handles"
		choices={[
			{ value: 'cut', label: 'Cut off' },
			{ value: 'kept', label: 'Kept', note: 'bulkier, no waste' }
		]}
	/>
</div>
