<script lang="ts">
	import { FinishStep as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { pillowsFrom } from '$lib/core/finish/pillow';
	import { defaults } from '$lib/core/defaults';
	import { ownTies } from '$lib/core/finish/own-ties';
	import { trimmed } from '$lib/core/units/format-length';
	import Ranged from '../parts/Ranged.svelte';
	import TextField from '../parts/TextField.svelte';
	import { rollMat } from '$lib/core/finish/roll';
	import { massWords, strandWords } from '$lib/ui/unit-words';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import ChoiceRow from '../parts/ChoiceRow.svelte';

	const { bench }: { bench: Bench } = $props();
	const { model, parts } = $derived(bench.drawn.estimate);
	const roll = $derived(rollMat(model.mat));
	const ties = $derived.by(() => {
		const { finish } = bench.drawn.plan;
		if (!finish || finish.ties === 'none') return null;
		const { tieCount, tieLength, strapLength } = defaults;
		return ownTies(
			finish.ties,
			{
				count: finish.tieCount ?? tieCount.value,
				lengthMm: finish.tieLengthMm ?? tieLength.value,
				strapMm: finish.hasStrap ? (finish.strapLengthMm ?? strapLength.value) : 0
			},
			model.mat
		);
	});
	const tieWords = $derived.by(() => {
		if (!ties) return null;
		const least = bench.readable(ties.leastMm, 'mat');
		switch (ties.verdict) {
			case 'too-short':
				return say.tooShort({ least });
			case 'scant':
				return say.scant({ least });
			case 'goes-round':
				return say.goesRound({ turns: ties.turns });
			case 'long':
				return say.long();
		}
	});
	const strapKind = (rolls: number) =>
		rolls < defaults.strapHandle.value ? 'handle' : rolls <= 4.5 ? 'sling' : 'other';
</script>

<ChoiceRow
	{bench}
	field="ties"
	legend={say.ties()}
	choices={[
		{ value: 'chain', label: say.chained() },
		{ value: 'braid', label: say.braided() },
		{ value: 'none', label: say.none() }
	]}
/>
<label class="flex min-h-11 items-center gap-3">
	<input
		class="checkbox"
		type="checkbox"
		name="strap"
		value="yes"
		disabled={bench.fields.ties === 'none'}
		checked={bench.fields.strap === 'yes'}
		onchange={(event) => bench.choose({ strap: event.currentTarget.checked ? 'yes' : '' })}
	/>
	{say.carryingStrapWornOverThe()}
</label>
{#if bench.fields.ties !== 'none'}
	<div class="grid grid-cols-3 items-end gap-3">
		<TextField {bench} field="tie_count" label={say.numberOfTies()} />
		<TextField {bench} field="tie_length" label={say.tieLength()} />
		<TextField {bench} field="strap_length" label={say.strapLength()} />
	</div>
	<p class="quiet text-[0.9375rem]">{say.emptyAsUsual()}</p>
	{#if ties && tieWords}<p class="text-[0.9375rem]" data-ties={ties.verdict}>
			{tieWords}{#if ties.strapInRolls > 0}
				{say.strapIs({
					rolls: trimmed(ties.strapInRolls, 1),
					kind: strapKind(ties.strapInRolls)
				})}{/if}
		</p>{/if}
{/if}
<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[0.9375rem]">
	<dt>{say.tiesAndStrapTake()}</dt>
	<Ranged of={parts.tieM} words={(m) => strandWords(m * 1000, bench.system)} />
	<dt>{say.foldedAndRolled()}</dt>
	<Ranged
		of={parts.rollMm}
		words={(across) =>
			say.acrossLong({
				readable: bench.readable(across, 'bag'),
				readable2: bench.readable(roll.lengthMm, 'bag')
			})}
	/>
	<dt>{say.scrapAndSpoiledStuff()}</dt>
	<Ranged
		of={parts.scrapKg}
		words={(kg) => {
			const { pillows, leftG } = pillowsFrom(kg * 1000);
			return say.pillowsPluralOneOtherOver({ pillows, mass: massWords(leftG, bench.system) });
		}}
	/>
</dl>
<Caution>
	{say.neverLetAnInfantSleep()}
</Caution>
<ActLinks acts={['ties', 'strap', 'roll', 'pillow']} />
