<script lang="ts">
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { joints } from '$lib/core/joint/joints';
	import { usualJoint } from '$lib/core/cut/joint-for-cut';
	import { jointDensity } from '$lib/core/joint/joint-density';
	import { strandMassGPerM } from '$lib/core/cut/strand-mass';
	import { strandStrength } from '$lib/core/strand/strength';
	import { pointFor } from '$lib/core/model/known-for';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import { perAreaWords, strandMassWords } from '$lib/ui/unit-words';
	import { actsOfJoin } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import Term from '$lib/ui/Term.svelte';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import Step from '../parts/Step.svelte';
	import TextField from '../parts/TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const strength = $derived(strandStrength(model.yield.solidSectionMm2));
	const density = $derived(
		jointDensity(model.joints, model.mat.rows, model.mat.widthMm * model.mat.lengthMm)
	);
	/** Seconds a joint by the measures used, spinning not counted. */
	const seconds = $derived(
		joints[bench.drawn.plan.join?.kind ?? usualJoint(bench.drawn.plan.cut.style)].seconds *
			pointFor(bench.drawn.plan, bench.practice).hands.join
	);
	const perArea = $derived(perAreaWords(density.perSquareMetre, bench.system));
</script>

<Step {bench} step="join" title="Join">
	<div class="not-spiral grid gap-4">
		<ChoiceRow
			{bench}
			field="joint"
			legend="Piece to piece"
			choices={[
				{ value: 'loop', label: 'Loop through loop', note: 'rings' },
				{ value: 'overhand', label: 'Overhand knot', note: 'torn pieces' }
			]}
		/>
		<div class="only-loop-joint">
			<ChoiceRow
				{bench}
				field="hands"
				legend="By whose hands; the strand is the same"
				choices={[
					{ value: 'drawn', label: 'Drawn through' },
					{ value: 'wrists', label: 'Over the wrists' },
					{ value: 'tee', label: 'A T on the table' }
				]}
			/>
		</div>
	</div>
	<p class="only-spiral quiet text-[0.9375rem]">
		A spiral is an open strip: it is knotted overhand, one knot a bag, with its tails trimmed or
		laid under stitches.
	</p>
	<ChoiceRow
		{bench}
		field="spin"
		legend="Twisted on a hand spindle"
		choices={[
			{ value: 'none', label: 'Not spun' },
			{ value: 'single', label: 'Spun' },
			{ value: 'two-ply', label: 'Two together' }
		]}
	/>
	<TextField {bench} field="bags_per_ball" label="Bags in a ball" />
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
		<dt>Joints in a row</dt>
		<dd class="figure font-semibold">{figure(density.perRow)}</dd>
		<dt>Joints a {perArea.of}</dt>
		<dd class="figure font-semibold">{perArea.value}</dd>
		<dt>Joining takes, at {figure(seconds)} s each</dt>
		<dd class="figure font-semibold">{figure(model.seconds.join / 3600)} h</dd>
		<dt>The strand weighs, joints in it</dt>
		<dd class="figure font-semibold">
			{strandMassWords(strandMassGPerM(model.yield), bench.system)}
		</dd>
		<dt>It holds, and at a joint</dt>
		<dd class="figure font-semibold">
			{wholeNumber(strength.strandN)}, {wholeNumber(strength.jointN)}
			<Term term="newton">N</Term>
		</dd>
	</dl>
	<p class="quiet text-[0.9375rem]">
		Snug, not tight: too tight tears and cannot be undone, too loose leaves holes. Film stretches in
		the hand, so measure at rest.
	</p>
	<ActLinks acts={actsOfJoin[bench.drawn.plan.cut.style]} />
</Step>
