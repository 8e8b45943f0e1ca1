<script lang="ts">
	import type { Bench } from '$lib/bench/bench.svelte';
	import { evenWidths } from '$lib/core/cut/even-widths';
	import { figure } from '$lib/plan/number-words';
	import Caution from '../Caution.svelte';
	import ChoiceRow from '../ChoiceRow.svelte';
	import Step from '../Step.svelte';
	import TextField from '../TextField.svelte';

	const { bench }: { bench: Bench } = $props();
	const cut = $derived(bench.estimate.model.yield);
	const line = $derived(`${cut.pieces} rings of ${bench.readable(cut.stripWidthMm, 'small')}`);
	const usableMm = $derived(
		bench.plan.bag.bodyMm - bench.plan.cut.trimBottomMm - bench.plan.cut.trimTopMm
	);
	const even = $derived(evenWidths(usableMm, 25, 150).slice(0, 6));
	const mm = (trim: number) => bench.readable(trim, 'small');
</script>

<Step
	{bench}
	number={3}
	title="Cut"
	{line}
	isOpen
	fields={['trim', 'trim_bottom', 'trim_top', 'loops', 'strip_width', 'equal_strips']}
>
	<div class="choice grid gap-4">
		<ChoiceRow
			legend="Trim, both ends"
			name="trim"
			bind:value={bench.fields.trim}
			problem={bench.problemAt('trim')}
			choices={[
				{ value: 'generous', label: 'Generous', note: mm(50) },
				{ value: 'close', label: 'Close', note: mm(12) },
				{ value: 'own', label: 'Our own' }
			]}
			onchoose={(school) => school !== 'own' && bench.chooseTrim(school as 'generous' | 'close')}
		/>
		<div class="only-own grid grid-cols-2 gap-3">
			<TextField {bench} field="trim_bottom" label="Off the bottom" />
			<TextField {bench} field="trim_top" label="Below the handles" />
		</div>
	</div>
	<div class="choice grid gap-4">
		<ChoiceRow
			legend="Rings, straight across the tube"
			name="loops"
			bind:value={bench.fields.loops}
			choices={[
				{ value: 'equal', label: 'Equal folds' },
				{ value: 'measured', label: 'Measured width' }
			]}
		/>
		<div class="only-equal">
			<TextField
				{bench}
				field="equal_strips"
				label="How many rings"
				hint="Fold and fold again gives 2, 4, 8"
			/>
		</div>
		<div class="only-measured grid gap-2">
			<TextField {bench} field="strip_width" label="Strip width" />
			<input
				class="range w-full range-primary"
				type="range"
				min="10"
				max={Math.max(20, Math.min(200, Math.floor(usableMm)))}
				step="1"
				value={cut.stripWidthMm}
				oninput={(event) => bench.chooseStripWidth(event.currentTarget.valueAsNumber)}
				aria-label="Strip width, by sliding"
				aria-valuetext={mm(cut.stripWidthMm)}
			/>
		</div>
	</div>
	<div>
		<p class="quiet mb-1 text-[15px]" id="even-cuts">Cuts of this bag with nothing left over</p>
		<div class="flex flex-wrap gap-2" role="group" aria-labelledby="even-cuts">
			{#each even as { strips, widthMm } (strips)}
				<button
					type="button"
					class="btn px-3 text-[15px] font-normal aria-pressed:outline-2 aria-pressed:outline-base-content"
					aria-pressed={bench.fields.loops === 'equal' &&
						bench.fields.equal_strips === String(strips)}
					onclick={() => bench.chooseEqualStrips(strips)}
				>
					{strips} × {mm(widthMm)}
				</button>
			{/each}
		</div>
	</div>
	<dl class="grid grid-cols-[1fr_auto] gap-x-4 gap-y-1 text-[15px]">
		<dt>Strand a bag</dt>
		<dd class="figure font-semibold">{figure(cut.strandPerBagMm / 1000)} m</dd>
		<dt>Left over above the last ring</dt>
		<dd class="figure font-semibold">{mm(cut.offcutMm)}</dd>
		<dt>Scrap a bag, for pillows</dt>
		<dd class="figure font-semibold">{figure(bench.plan.bag.massG - cut.filmUsedG)} g</dd>
	</dl>
	<ChoiceRow
		legend="Cut with"
		name="cutting_tool"
		bind:value={bench.fields.cutting_tool}
		choices={[
			{ value: 'scissors', label: 'Scissors', note: 'stacks of 3' },
			{ value: 'rolling-blade', label: 'Rolling blade', note: 'stacks of 20' }
		]}
	/>
	<Caution>
		{#if bench.fields.cutting_tool === 'rolling-blade'}
			Rolling blades are for trained adults: cut away from the body, wear gloves, close the blade
			when it is put down. Children and unsteady hands take another seat.
		{:else}
			Children and unsteady hands get blunt scissors or another seat. Your own hall's rules come
			first.
		{/if}
	</Caution>
</Step>
