<script lang="ts">
	import { JoinStep as say } from '$lib/words/plan';
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
	import { varyingAs } from '$lib/core/estimate/estimate';
	import Ranged from '../parts/Ranged.svelte';
	import TextField from '../parts/TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const strength = $derived(strandStrength(model.yield.solidSectionMm2));
	const { parts, tally } = $derived(bench.drawn.estimate);
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

<div class="not-spiral grid gap-4">
	<ChoiceRow
		{bench}
		field="joint"
		legend={say.howPiecesAreJoined()}
		choices={[
			{ value: 'loop', label: say.loopThroughLoop(), note: 'rings' },
			{ value: 'overhand', label: say.overhandKnot(), note: say.tornPieces() }
		]}
	/>
	<div class="only-loop-joint">
		<ChoiceRow
			{bench}
			field="hands"
			legend={say.wayOfJoiningTheYarn()}
			choices={[
				{ value: 'drawn', label: say.drawnThrough() },
				{ value: 'wrists', label: say.overTheWrists() },
				{ value: 'tee', label: say.aTOnTheTable() }
			]}
		/>
	</div>
</div>
<p class="only-spiral quiet text-[0.9375rem]">
	{say.aSpiralIsAnOpen()}
</p>
<ChoiceRow
	{bench}
	field="spin"
	legend={say.twistedWithAHandSpindle()}
	choices={[
		{ value: 'none', label: say.notSpun() },
		{ value: 'single', label: say.spun() },
		{ value: 'two-ply', label: say.twoTogether() }
	]}
/>
<TextField {bench} field="bags_per_ball" label={say.bagsInABall()} />
<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
	<dt>{say.jointsInARow()}</dt>
	<Ranged of={varyingAs(tally.joints, density.perRow)} words={figure} />
	<dt>{say.jointsA({ of: perArea.of })}</dt>
	<Ranged
		of={varyingAs(tally.joints, density.perSquareMetre)}
		words={(joints) => perAreaWords(joints, bench.system).value}
	/>
	<dt>{say.timeForJoiningAtS({ seconds: figure(seconds) })}</dt>
	<Ranged of={parts.joinHours} words={(hours) => `${figure(hours)} h`} />
	<dt>{say.weightOfTheYarnWith()}</dt>
	<Ranged
		of={varyingAs(parts.sectionMm2, strandMassGPerM(model.yield))}
		words={(grams) => strandMassWords(grams, bench.system)}
	/>
	<dt>{say.itHoldsAndAtA()}, <Term term="newton">N</Term></dt>
	<Ranged
		of={varyingAs(parts.sectionMm2, strength.strandN)}
		words={(strandN) =>
			`${wholeNumber(strandN)}, ${wholeNumber((strandN * strength.jointN) / strength.strandN)}`}
	/>
</dl>
<p class="quiet text-[0.9375rem]">
	{say.snugNotTightTooTight()}
</p>
<ActLinks acts={actsOfJoin[bench.drawn.plan.cut.style]} />
