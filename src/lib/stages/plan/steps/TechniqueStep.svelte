<script lang="ts">
	import { TechniqueStep as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { TechniqueKind } from '$lib/core/techniques/technique';
	import { usualSleeperHeightMm } from '$lib/core/model/types';
	import { fieldLength } from '$lib/core/units/format-length';
	import { wholeNumber } from '$lib/ui/number-words';
	import { actsOfTechnique } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import ChoiceRow from '../parts/ChoiceRow.svelte';
	import OwnTools from '../parts/OwnTools.svelte';
	import { strandWords } from '$lib/ui/unit-words';
	import Ranged from '../parts/Ranged.svelte';
	import TextField from '../parts/TextField.svelte';
	import CrochetFields from './CrochetFields.svelte';
	import CutFields from './CutFields.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const technique = $derived(bench.drawn.plan.technique);
	const parts = $derived(bench.drawn.estimate.parts);
	const bagsWords = (bags: number) => wholeNumber(Math.ceil(bags - 1e-9));
	const isOfTool = $derived(
		(technique.kind === 'peg-loom' && technique.pegs !== undefined) ||
			(technique.kind === 'twined' && technique.nails !== undefined)
	);
	const sleeperMm = $derived(bench.drawn.plan.sleeperHeightMm ?? usualSleeperHeightMm);
	const frame = $derived(model.mat.kind === 'twined' ? model.mat : null);
	const kinds: readonly { value: TechniqueKind; label: string; note: string }[] = [
		{ value: 'crochet', label: say.crochet(), note: say.aHook() },
		{ value: 'peg-loom', label: say.pegLoom(), note: say.oneToFourWeavers() },
		{ value: 'twined', label: say.twinedFrame(), note: say.nailsAndRods() },
		{ value: 'finger-bands', label: say.fingerBands(), note: say.noTools() }
	];
</script>

<ChoiceRow
	{bench}
	field="technique"
	legend={say.madeBy()}
	choices={kinds}
	onchoose={(kind) => bench.chooseTechnique(kind as TechniqueKind)}
/>
<div class="only-crochet grid gap-4">
	<OwnTools {bench} sort="hook" />
	<CrochetFields {bench} />
</div>
<div class="only-peg-loom grid gap-4">
	<OwnTools {bench} sort="loom" />
	<ChoiceRow
		{bench}
		field="loom"
		legend={say.loom()}
		choices={[
			{ value: 'free', label: say.asTheMatNeeds() },
			{ value: 'own', label: say.oneYouHave(), note: say.theMatFitsTheLoom() }
		]}
		onchoose={(loom) =>
			bench.choose({
				loom,
				...(loom === 'own' &&
					model.mat.kind === 'peg-loom' && {
						pegs: bench.fields.pegs || String(model.mat.pegs),
						peg_to_peg: fieldLength(model.mat.pegToPegMm, bench.system, 'mat')
					})
			})}
	/>
	<div class="only-own-loom grid grid-cols-2 gap-3">
		<TextField {bench} field="pegs" label={say.pegsAtEachEnd()} />
		<TextField {bench} field="peg_to_peg" label={say.pegsToPegsAlong()} />
	</div>
</div>
<div class="only-pitched grid grid-cols-2 gap-3">
	<TextField {bench} field="pitch" label={say.pegToPeg()} hint={say.nailToNailOnA()} />
	<div class="only-peg-loom">
		<TextField {bench} field="end_gap" label={say.clearAtEachEnd()} />
	</div>
</div>
<div class="only-peg-loom grid gap-4">
	<ChoiceRow
		{bench}
		field="packing"
		legend={say.rowsPacked()}
		choices={[
			{ value: 'firm', label: say.firm() },
			{ value: 'medium', label: say.medium() },
			{ value: 'loose', label: say.loose() }
		]}
	/>
	<label class="flex min-h-11 items-center gap-3">
		<input
			class="checkbox"
			type="checkbox"
			name="double_edges"
			value="yes"
			checked={bench.fields.double_edges === 'yes'}
			onchange={(event) => bench.choose({ double_edges: event.currentTarget.checked ? 'yes' : '' })}
		/>
		{say.bothOutermostStrandsDoubledFor()}
	</label>
	<ChoiceRow
		{bench}
		field="ends"
		legend={say.wovenFrom()}
		choices={[
			{ value: 'one', label: say.oneEnd() },
			{ value: 'both', label: say.bothEnds(), note: say.upToFourPeople() }
		]}
	/>
	<div class="only-both-ends">
		<ChoiceRow
			{bench}
			field="far_first_pass"
			legend={say.theFarEndsFirstPass()}
			choices={[
				{ value: 'over', label: say.over() },
				{ value: 'under', label: say.under() }
			]}
		/>
	</div>
	<ChoiceRow
		{bench}
		field="short_piece"
		legend={say.aShortPieceOfWarp()}
		choices={[
			{ value: 'end', label: say.atTheEnd() },
			{ value: 'middle', label: say.inTheMiddle() }
		]}
	/>
	<fieldset class="grid gap-4 rounded-lg border border-base-300 p-3">
		<legend class="px-1 font-semibold">{say.weft()}</legend>
		<CutFields
			{bench}
			prefix="weft_"
			cut={technique.kind === 'peg-loom' ? technique.weftCut : bench.drawn.plan.cut}
			laid={model.weftYield ?? model.yield}
			legend={say.cutInto()}
		/>
	</fieldset>
</div>
<div class="only-twined grid gap-4">
	<OwnTools {bench} sort="frame" />
	<ChoiceRow
		{bench}
		field="warp"
		legend={say.warpRoundTheNails()}
		choices={[
			{ value: 'cloth', label: say.clothStrips(), note: say.holdBetterAtJoins() },
			{ value: 'film', label: say.plasticYarn(), note: say.nothingToBuy() }
		]}
	/>
	<div class="only-cloth">
		<TextField
			{bench}
			field="cloth_width"
			label={say.widthOfTheCloth()}
			hint={frame ? say.mOfItInStrips({ toFixed: frame.clothM.toFixed(1) }) : ''}
		/>
	</div>
	<ChoiceRow
		{bench}
		field="frame"
		legend={say.frame()}
		choices={[
			{ value: 'whole', label: say.asLargeAsTheMat() },
			{ value: 'own', label: say.smaller(), note: say.madeInPanels() }
		]}
	/>
	<div class="only-own-frame grid grid-cols-2 gap-3">
		<TextField {bench} field="frame_width" label={say.frameWidth()} />
		<TextField {bench} field="frame_length" label={say.frameLength()} />
		<TextField {bench} field="nails" label={say.nailsAtEachEnd()} hint={say.emptyAsManyAsThe()} />
	</div>
</div>
<div class="only-bands">
	<ChoiceRow
		{bench}
		field="band_strands"
		legend={say.strandsAlongABand()}
		choices={[
			{ value: '3', label: say.three() },
			{ value: '4', label: say.four() }
		]}
	/>
</div>
{#if parts.weftM.expected > 0}
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]" data-split>
		{#if parts.warpM.expected > 0}
			<dt>{say.warpIs()}</dt>
			<Ranged of={parts.warpM} words={(m) => strandWords(m * 1000, bench.system)} />
			<dt>{say.bagsForWarp()}</dt>
			<Ranged of={parts.warpBags} words={bagsWords} />
		{/if}
		<dt>{say.weftIs()}</dt>
		<Ranged of={parts.weftM} words={(m) => strandWords(m * 1000, bench.system)} />
		<dt>{say.bagsForWeft()}</dt>
		<Ranged of={parts.weftBags} words={bagsWords} />
	</dl>
{/if}
{#if isOfTool}
	<p class="text-[0.9375rem] font-semibold" role="status" data-of-tool>
		{say.thisToolMakesAMat({
			readable: bench.readable(model.mat.widthMm, 'mat'),
			readable2: bench.readable(model.mat.lengthMm, 'mat'),
			isLengthMm: model.mat.lengthMm >= sleeperMm ? 'yes' : 'no'
		})}
	</p>
{/if}
<p class="quiet text-[0.9375rem]">
	{say.iskindSelectYesOtherRepeated({
		rows: wholeNumber(model.mat.rows),
		isKind: model.mat.kind === 'finger-bands' ? 'yes' : 'no'
	})}
</p>
{#if technique.kind === 'peg-loom' || technique.kind === 'twined'}
	<Caution>
		{say.rodsSitUnderTensionMind()}
	</Caution>
{/if}
<ActLinks acts={actsOfTechnique[technique.kind]} />
