<script lang="ts">
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
	import Step from '../parts/Step.svelte';
	import TextField from '../parts/TextField.svelte';
	import CrochetFields from './CrochetFields.svelte';
	import CutFields from './CutFields.svelte';

	const { bench }: { bench: Bench } = $props();
	const model = $derived(bench.drawn.estimate.model);
	const technique = $derived(bench.drawn.plan.technique);
	const isOfTool = $derived(
		(technique.kind === 'peg-loom' && technique.pegs !== undefined) ||
			(technique.kind === 'twined' && technique.nails !== undefined)
	);
	const sleeperMm = $derived(bench.drawn.plan.sleeperHeightMm ?? usualSleeperHeightMm);
	const frame = $derived(model.mat.kind === 'twined' ? model.mat : null);
	const kinds: readonly { value: TechniqueKind; label: string; note: string }[] = [
		{ value: 'crochet', label: 'Crochet', note: 'a hook' },
		{ value: 'peg-loom', label: 'Peg loom', note: 'one to four weavers' },
		{ value: 'twined', label: 'Twined frame', note: 'nails and rods' },
		{ value: 'finger-bands', label: 'Finger bands', note: 'no tools' }
	];
</script>

<Step {bench} step="technique" title="Technique">
	<ChoiceRow
		{bench}
		field="technique"
		legend="Made by"
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
			legend="The loom"
			choices={[
				{ value: 'free', label: 'As the mat needs' },
				{ value: 'own', label: 'One that is there', note: 'the mat follows from it' }
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
			<TextField {bench} field="pegs" label="Pegs at each end" />
			<TextField {bench} field="peg_to_peg" label="Pegs to pegs, along" />
		</div>
	</div>
	<div class="only-pitched grid grid-cols-2 gap-3">
		<TextField {bench} field="pitch" label="Peg to peg" hint="Nail to nail on a frame" />
		<div class="only-peg-loom"><TextField {bench} field="end_gap" label="Clear at each end" /></div>
	</div>
	<div class="only-peg-loom grid gap-4">
		<ChoiceRow
			{bench}
			field="packing"
			legend="Rows beaten"
			choices={[
				{ value: 'firm', label: 'Firm' },
				{ value: 'medium', label: 'Medium' },
				{ value: 'loose', label: 'Loose' }
			]}
		/>
		<label class="flex min-h-11 items-center gap-3">
			<input
				class="checkbox"
				type="checkbox"
				name="double_edges"
				value="yes"
				checked={bench.fields.double_edges === 'yes'}
				onchange={(event) =>
					bench.choose({ double_edges: event.currentTarget.checked ? 'yes' : '' })}
			/>
			Both outermost strands doubled, for a firm edge
		</label>
		<ChoiceRow
			{bench}
			field="ends"
			legend="Woven from"
			choices={[
				{ value: 'one', label: 'One end' },
				{ value: 'both', label: 'Both ends', note: 'up to four people' }
			]}
		/>
		<div class="only-both-ends">
			<ChoiceRow
				{bench}
				field="far_first_pass"
				legend="The far end's first pass, at the weaver's own left"
				choices={[
					{ value: 'over', label: 'Over' },
					{ value: 'under', label: 'Under' }
				]}
			/>
		</div>
		<ChoiceRow
			{bench}
			field="short_piece"
			legend="A short piece of warp lies"
			choices={[
				{ value: 'end', label: 'At the end' },
				{ value: 'middle', label: 'In the middle' }
			]}
		/>
		<fieldset class="grid gap-4 rounded-lg border border-base-300 p-3">
			<legend class="px-1 font-semibold">The weft</legend>
			<CutFields
				{bench}
				prefix="weft_"
				cut={technique.kind === 'peg-loom' ? technique.weftCut : bench.drawn.plan.cut}
				laid={model.weftYield ?? model.yield}
				legend="Cut into"
			/>
		</fieldset>
	</div>
	<div class="only-twined grid gap-4">
		<OwnTools {bench} sort="frame" />
		<ChoiceRow
			{bench}
			field="warp"
			legend="Warp round the nails"
			choices={[
				{ value: 'cloth', label: 'Cloth strips', note: 'hold better at joins' },
				{ value: 'film', label: 'Film strand', note: 'nothing to buy' }
			]}
		/>
		<div class="only-cloth">
			<TextField
				{bench}
				field="cloth_width"
				label="Width of the cloth"
				hint={frame ? `${frame.clothM.toFixed(1)} m of it, in strips of 4 cm` : ''}
			/>
		</div>
		<ChoiceRow
			{bench}
			field="frame"
			legend="The frame"
			choices={[
				{ value: 'whole', label: 'As large as the mat' },
				{ value: 'own', label: 'Smaller', note: 'made in panels' }
			]}
		/>
		<div class="only-own-frame grid grid-cols-2 gap-3">
			<TextField {bench} field="frame_width" label="Frame width" />
			<TextField {bench} field="frame_length" label="Frame length" />
			<TextField
				{bench}
				field="nails"
				label="Nails at each end"
				hint="Empty: as many as the panel needs"
			/>
		</div>
	</div>
	<div class="only-bands">
		<ChoiceRow
			{bench}
			field="band_strands"
			legend="Strands along a band"
			choices={[
				{ value: '3', label: 'Three' },
				{ value: '4', label: 'Four' }
			]}
		/>
	</div>
	{#if isOfTool}
		<p class="text-[0.9375rem] font-semibold" role="status" data-of-tool>
			This tool makes a mat {bench.readable(model.mat.widthMm, 'mat')} × {bench.readable(
				model.mat.lengthMm,
				'mat'
			)}; {model.mat.lengthMm >= sleeperMm ? 'the sleeper fits on it' : 'the sleeper is longer'}.
		</p>
	{/if}
	<p class="quiet text-[0.9375rem]">
		{wholeNumber(model.mat.rows)}
		{model.mat.kind === 'finger-bands' ? 'passes in each band' : 'rows'}. Repeated work tires hands:
		take breaks, change seats, and stop when something hurts.
	</p>
	{#if technique.kind === 'peg-loom' || technique.kind === 'twined'}
		<Caution>
			Rods sit under tension: mind eyes and fingers when they come out, and have a second pair of
			hands.
		</Caution>
	{/if}
	<ActLinks acts={actsOfTechnique[technique.kind]} />
</Step>
