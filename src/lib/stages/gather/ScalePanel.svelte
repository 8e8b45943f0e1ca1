<script lang="ts">
	import { fieldMass } from '$lib/core/units/format-mass';
	import { bareMassUnitOf, gPerUnit, parseMass } from '$lib/core/units/parse-mass';
	import { getOutbox } from '$lib/entries/outbox-context';
	// A kitchen scale beside the fields: its reading goes where the user sends it. The scale is a
	// stand-in; what is put on its pan is typed here.
	import type { ScaleReading } from '$lib/core/gather/scale';
	import { onMount } from 'svelte';

	const { onuse }: { onuse: (field: 'gross' | 'tare' | 'handful', grams: string) => void } =
		$props();
	const outbox = getOutbox();
	const system = $derived(outbox.readBy().system);
	let onPan = $state('0');
	let lay = $state({ from: 0, to: 0 });
	let tareG = $state(0);
	let reading = $state.raw<ScaleReading | null>(null);
	let isLost = $state(false);
	let source: EventSource | null = null;
	let seed = 1;

	function listen(unplugged?: number) {
		source?.close();
		isLost = false;
		const query = `from=${lay.from}&to=${lay.to}&tare=${tareG}&seed=${seed++}${unplugged === undefined ? '' : `&unplugged=${unplugged}`}`;
		source = new EventSource(`/api/scale?${query}`);
		source.onmessage = ({ data }) => {
			reading = JSON.parse(data) as ScaleReading;
			if (reading.state === 'unplugged') source?.close();
		};
		source.onerror = () => {
			isLost = true;
			source?.close();
		};
	}
	onMount(() => {
		listen();
		return () => source?.close();
	});
	const put = () => {
		const grams = parseMass(onPan, bareMassUnitOf(system)).g ?? NaN;
		if (!(grams >= 0)) return;
		lay = { from: lay.to, to: grams };
		listen();
	};
	const tare = () => {
		tareG = lay.to;
		lay = { from: lay.to, to: lay.to };
		listen();
	};
	/** As a kitchen scale shows it, to its last digit. */
	const onScale = (g: number) =>
		system === 'ft' ? `${(g / gPerUnit.oz).toFixed(2)} oz` : `${g.toFixed(1)} g`;
	const shown = $derived.by(() => {
		if (isLost) return 'no reading';
		if (!reading) return '…';
		if (reading.g !== null) return onScale(reading.g);
		return reading.state === 'overload' ? 'too heavy' : 'unplugged';
	});
	const isSteady = $derived(reading?.state === 'steady' && !isLost);
	const grams = $derived(reading?.g === null || !reading ? '' : fieldMass(reading.g, system));
</script>

<div class="grid gap-3 rounded-lg border border-base-300 p-3">
	<div class="flex flex-wrap items-baseline gap-3">
		<h3 class="font-semibold">The scale</h3>
		<output class="figure text-2xl font-bold" aria-live="polite" data-scale>{shown}</output>
		<span class="quiet text-sm"
			>{isSteady ? 'steady' : reading?.state === 'settling' ? 'settling' : ''}</span
		>
	</div>
	<div class="flex flex-wrap items-end gap-2">
		<label class="grid gap-1 text-[0.9375rem]">
			On the pan, {bareMassUnitOf(system)}
			<input class="field w-28" inputmode="decimal" bind:value={onPan} />
		</label>
		<button type="button" class="btn" onclick={put}>Put it on</button>
		<button type="button" class="btn" onclick={tare}>Tare</button>
		{#if isLost || reading?.state === 'unplugged'}
			<button type="button" class="btn" onclick={() => listen()}>Plug it in again</button>
		{:else}
			<button type="button" class="btn btn-ghost font-normal" onclick={() => listen(0.4)}
				>Pull the plug</button
			>
		{/if}
	</div>
	<div class="flex flex-wrap gap-2" role="group" aria-label="Take the reading as">
		<button type="button" class="btn" disabled={!isSteady} onclick={() => onuse('gross', grams)}
			>Full box</button
		>
		<button type="button" class="btn" disabled={!isSteady} onclick={() => onuse('tare', grams)}
			>Empty box</button
		>
		<button type="button" class="btn" disabled={!isSteady} onclick={() => onuse('handful', grams)}
			>A handful</button
		>
	</div>
	<p class="quiet text-sm">
		A stand-in for a scale: type what lies on it. A reading is taken once it is steady.
	</p>
</div>
