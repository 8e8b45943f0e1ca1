<script lang="ts">
	import { enhance } from '$app/forms';
	import { invalidate } from '$app/navigation';
	import EntryField from '$lib/components/gather/EntryField.svelte';
	import EntrySelect from '$lib/components/gather/EntrySelect.svelte';
	import KnowledgeChart from '$lib/components/gather/KnowledgeChart.svelte';
	import WaitingList from '$lib/components/gather/WaitingList.svelte';
	import { stations } from '$lib/core/effort/stations';
	import { stationUnits } from '$lib/core/effort/unit-seconds';
	import { readEntry } from '$lib/gather/entries';
	import { EntryQueue } from '$lib/gather/queue.svelte';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { roughly, wholeNumber } from '$lib/plan/number-words';
	import { oddReading, oddWords, readingsOf } from '$lib/plan/plan-basis';
	import { onMount, untrack } from 'svelte';
	import type { PageProps } from './$types';

	const { data }: PageProps = $props();
	const queue = new EntryQueue(() => void invalidate('app:gather'));
	onMount(() => queue.begin());
	const system = untrack(() => data.group.lengthSystem);
	const form = untrack(
		() =>
			new TypedForm(
				'measurement',
				{
					measure: 'swatch',
					plan: data.plans[0]?.id ?? '',
					maker: '',
					measured_on: data.today,
					counted: '',
					rows: '',
					length: '',
					height: '',
					strand: '',
					mass: '',
					sure: ''
				},
				system,
				queue
			)
	);
	const timing = untrack(
		() =>
			new TypedForm(
				'timed',
				{ station: 'join', maker: '', units: '', people: '1', minutes: '', worked_on: data.today },
				system,
				queue
			)
	);
	const measure = $derived(form.typed.measure);
	/** What the measure would say, while it is typed. */
	const says = $derived.by(() => {
		const { entry } = readEntry('measurement', form.typed, system);
		const plan = data.plans.find(({ id }) => id === form.typed.plan);
		if (entry?.type !== 'measurement' || !plan) return null;
		const read = readingsOf(entry, plan.basis);
		if (read.problem !== undefined) return { problem: read.problem };
		return { readings: read.readings, odd: oddReading(read.readings) };
	});
	const factorWords: Record<string, string> = {
		bagMass: 'bags',
		pieceLength: 'pieces',
		gauge: 'stitches',
		strandPerStitch: 'strand a stitch',
		rowPitch: 'row pitch'
	};
	const ratioWords = (readings: object) =>
		Object.entries(readings)
			.map(
				([name, reading]) =>
					`${factorWords[name] ?? name} ${((reading as { ratio: number }).ratio * 100).toFixed(0)} % of the craft's`
			)
			.join(', ');
	const measureWords = {
		swatch: 'Swatch',
		chain: 'Chain',
		woven: 'Woven rows',
		handful: 'Handful'
	};
	const unit = $derived(
		stationUnits[(timing.typed.station ?? 'join') as keyof typeof stationUnits].unit
	);
</script>

<svelte:head><title>Measures · Nest Row</title></svelte:head>

{#snippet leave(of: string, id: number, isLeftOut: boolean)}
	<form method="POST" action="?/leave" use:enhance>
		<input type="hidden" name="of" value={of} />
		<input type="hidden" name="id" value={id} />
		<input type="hidden" name="out" value={isLeftOut ? 'no' : 'yes'} />
		<button class="btn px-3 font-normal">{isLeftOut ? 'Count it again' : 'Leave it out'}</button>
	</form>
{/snippet}

<main id="main" class="mx-auto w-full max-w-6xl flex-1 px-5 py-4 max-sm:px-4">
	<h1 class="mb-1">Measures</h1>
	<p class="quiet mb-4">
		Your own swatches and timed work correct the estimates of every plan. Nobody is ranked.
	</p>
	<WaitingList {queue} />
	<div class="grid items-start gap-4 lg:grid-cols-[minmax(0,24rem)_minmax(0,1fr)]">
		<div class="grid gap-4">
			<form
				class="sheet grid gap-3 p-4"
				onsubmit={(event) => {
					event.preventDefault();
					if (says?.odd && form.typed.sure !== 'yes') return;
					void form.submit(`a ${measure}`, ['measure', 'plan', 'maker', 'measured_on']);
				}}
			>
				<h2>Something measured</h2>
				{#if data.plans.length === 0}
					<p>Keep a plan first: a measure is held against what its plan expects.</p>
				{/if}
				<EntrySelect
					{form}
					field="measure"
					label="What"
					options={[
						{ value: 'swatch', label: 'a crocheted swatch' },
						{ value: 'chain', label: 'a chain of joined pieces' },
						{ value: 'woven', label: 'rows woven on a loom or frame' },
						{ value: 'handful', label: 'a weighed handful of bags' }
					]}
				/>
				<EntrySelect
					{form}
					field="plan"
					label="Worked as in"
					options={data.plans.map(({ id, name }) => ({ value: id, label: name }))}
				/>
				<div class="grid grid-cols-2 gap-3">
					<EntryField
						{form}
						field="counted"
						label={{ swatch: 'Stitches', chain: 'Pieces', woven: 'Rows', handful: 'Bags' }[
							measure ?? 'swatch'
						] ?? ''}
						inputmode="numeric"
					/>
					{#if measure === 'swatch'}<EntryField
							{form}
							field="rows"
							label="Rows"
							inputmode="numeric"
						/>{/if}
					{#if measure !== 'handful'}<EntryField
							{form}
							field="length"
							label={measure === 'swatch' ? 'Width over them' : 'Length, at rest'}
						/>{/if}
					{#if measure === 'swatch'}
						<EntryField {form} field="height" label="Height over them" />
						<EntryField {form} field="strand" label="Strand used" hint="if you know it" />
					{/if}
					{#if measure === 'handful'}<EntryField {form} field="mass" label="They weigh" />{/if}
				</div>
				<div class="grid grid-cols-2 gap-3">
					<EntryField {form} field="measured_on" label="On" type="date" />
					<EntryField {form} field="maker" label="By, if they like" />
				</div>
				{#if says?.problem}<p class="text-[15px] font-semibold text-error">{says.problem}</p>{/if}
				{#if says?.readings}<p class="text-[15px]" role="status">
						It says: {ratioWords(says.readings)}.
					</p>{/if}
				{#if says?.odd}
					<div class="rounded-lg border-2 border-error p-3 text-[15px]" role="alert">
						<p class="font-semibold">{oddWords(says.odd)}</p>
						<label class="flex min-h-11 items-center gap-2">
							<input
								class="checkbox"
								type="checkbox"
								checked={form.typed.sure === 'yes'}
								onchange={(event) => (form.typed.sure = event.currentTarget.checked ? 'yes' : '')}
							/>
							It is right as it stands
						</label>
					</div>
				{/if}
				<button class="btn btn-accent">Keep it</button>
				<p role="status" class="font-semibold text-secondary">{form.said}</p>
			</form>
			<form
				class="sheet grid gap-3 p-4"
				onsubmit={(event) => {
					event.preventDefault();
					void timing.submit(`${timing.typed.units} ${unit} timed`, [
						'station',
						'maker',
						'worked_on',
						'people'
					]);
				}}
			>
				<h2>Work timed</h2>
				<EntrySelect
					form={timing}
					field="station"
					label="At the station"
					options={stations.map((station) => ({ value: station, label: station }))}
				/>
				<div class="grid grid-cols-3 gap-3">
					<EntryField form={timing} field="units" label="How many {unit}" inputmode="numeric" />
					<EntryField form={timing} field="people" label="People" inputmode="numeric" />
					<EntryField form={timing} field="minutes" label="Minutes" inputmode="decimal" />
				</div>
				<div class="grid grid-cols-2 gap-3">
					<EntryField form={timing} field="worked_on" label="On this day" type="date" />
					<EntryField form={timing} field="maker" label="By whom, if they like" />
				</div>
				<button class="btn">Keep the time</button>
				<p role="status" class="font-semibold text-secondary">{timing.said}</p>
			</form>
		</div>

		<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
			<section class="sheet p-4" aria-labelledby="known">
				<h2 class="mb-2" id="known">What is known now</h2>
				<KnowledgeChart practice={data.practice} />
			</section>
			{#if data.plans.length > 0}
				<section class="sheet p-4" aria-labelledby="plans-now">
					<h2 id="plans-now">Plans now, and when they were kept</h2>
					<div class="overflow-x-auto">
						<table class="mt-2 w-full text-left text-[15px]">
							<thead class="quiet"
								><tr>
									<th class="py-1 pr-3 font-normal" scope="col">Plan</th>
									<th class="px-3 text-right font-normal" scope="col">Bags then</th>
									<th class="px-3 text-right font-normal" scope="col">Bags now</th>
									<th class="px-3 text-right font-normal" scope="col">Hours then</th>
									<th class="px-3 text-right font-normal" scope="col">Hours now</th>
								</tr></thead
							>
							<tbody>
								{#each data.plans as { id, name, then, now } (id)}
									<tr class="border-t border-base-300" data-plan={name}>
										<th class="py-1 pr-3" scope="row"
											><a class="link-row" href="/plan/{id}">{name}</a></th
										>
										<td class="figure quiet px-3 text-right"
											>{wholeNumber(Math.ceil(then.toCollect.expected))}</td
										>
										<td class="figure px-3 text-right font-semibold" data-now
											>{wholeNumber(Math.ceil(now.toCollect.expected))}<span
												class="quiet block text-sm font-normal"
												>{roughly(now.toCollect.low)}–{roughly(now.toCollect.high)}</span
											></td
										>
										<td class="figure quiet px-3 text-right">{roughly(then.hours.expected)}</td>
										<td class="figure px-3 text-right font-semibold"
											>{roughly(now.hours.expected)}<span class="quiet block text-sm font-normal"
												>{roughly(now.hours.low)}–{roughly(now.hours.high)}</span
											></td
										>
									</tr>
								{/each}
							</tbody>
						</table>
					</div>
				</section>
			{/if}
			<section class="sheet p-4" aria-labelledby="kept-measures">
				<h2 id="kept-measures">What was measured</h2>
				{#if data.measurements.length + data.timed.length === 0}
					<p class="mt-2 text-[15px]">
						Nothing yet. A swatch of twenty stitches or ten joined pieces is a good first one.
					</p>
				{/if}
				<ul>
					{#each data.measurements as line (line.id)}
						<li
							class="flex flex-wrap items-center gap-3 border-t border-base-300 py-1 text-[15px] {line.isLeftOut
								? 'line-through decoration-2'
								: ''}"
						>
							<span class="flex-1"
								><strong>{measureWords[line.measure]}</strong>, {line.measuredOn}{line.maker
									? `, ${line.maker}`
									: ''}: {ratioWords(line.readings)}</span
							>
							{@render leave('measurement', line.id, line.isLeftOut)}
						</li>
					{/each}
					{#each data.timed as line (line.id)}
						<li
							class="flex flex-wrap items-center gap-3 border-t border-base-300 py-1 text-[15px] {line.isLeftOut
								? 'line-through decoration-2'
								: ''}"
						>
							<span class="flex-1"
								><strong>Timed at {line.station}</strong>, {line.workedOn}{line.maker
									? `, ${line.maker}`
									: ''}: {wholeNumber(line.units)}
								{stationUnits[line.station].unit} by {line.people} in {line.minutes} min</span
							>
							{@render leave('timed', line.id, line.isLeftOut)}
						</li>
					{/each}
				</ul>
			</section>
		</div>
	</div>
</main>
