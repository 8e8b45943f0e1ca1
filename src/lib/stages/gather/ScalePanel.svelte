<script lang="ts">
	// A kitchen scale beside the fields: its reading goes where the user sends it. One is connected, or a
	// stand-in is asked for; numbers are typed in the fields all the same.
	import { ScalePanel as say } from '$lib/words/gather';
	import { fieldMass } from '$lib/core/units/format-mass';
	import { gPerUnit } from '$lib/core/units/parse-mass';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { ScaleReading } from '$lib/core/gather/scale';
	import { onMount } from 'svelte';
	import { readSerialScale, serialOf } from './serial-scale';
	import StandInScale from './StandInScale.svelte';

	interface Props {
		onuse: (field: 'gross' | 'tare' | 'handful', grams: string) => void;
		/** The stand-in is shown without being asked for. */
		isScaleShown: boolean;
	}
	const { onuse, isScaleShown }: Props = $props();
	const outbox = getOutbox();
	const system = $derived(outbox.readBy().system);
	let isAsked = $state(false);
	const isStandIn = $derived(isScaleShown || isAsked);
	let reading = $state.raw<ScaleReading | null>(null);
	let isConnected = $state(false);
	let problem = $state('');
	let canConnect = $state(false);
	let stop: AbortController | null = null;
	onMount(() => {
		canConnect = serialOf() !== null;
		return () => stop?.abort();
	});

	async function connect() {
		problem = '';
		stop?.abort();
		stop = new AbortController();
		try {
			const port = await serialOf()?.requestPort();
			if (!port) return;
			isConnected = true;
			await readSerialScale(port, (next) => (reading = next), stop.signal);
		} catch {
			problem = say.noScaleFoundCheckIts();
		}
		isConnected = false;
	}

	/** As a kitchen scale shows it, to its last digit. */
	const onScale = (g: number) =>
		system === 'ft' ? `${(g / gPerUnit.oz).toFixed(2)} oz` : `${g.toFixed(1)} g`;
	const shown = $derived.by(() => {
		if (!reading) return '…';
		if (reading.g !== null) return onScale(reading.g);
		return reading.state === 'overload' ? say.tooHeavy() : 'unplugged';
	});
	const isSteady = $derived(reading?.state === 'steady');
	const grams = $derived(reading?.g === null || !reading ? '' : fieldMass(reading.g, system));
	/** Said once it stands still, or when it cannot be read: not at every flicker of the last digit. */
	let said = $state('');
	const settled = $derived(
		!reading || reading.state === 'settling'
			? ''
			: reading.g === null
				? shown
				: fieldMass(Math.round(reading.g), system)
	);
	$effect(() => {
		const words = settled;
		if (!words) return;
		const timer = setTimeout(() => (said = words), 700);
		return () => clearTimeout(timer);
	});
</script>

<div class="grid gap-3 rounded-lg border border-base-300 p-3">
	<h3 class="font-semibold">{say.theScale()}</h3>
	{#if isStandIn || isConnected}
		<div class="flex flex-wrap items-baseline gap-3">
			<output class="figure text-2xl font-bold" aria-live="off" data-scale>{shown}</output>
			<span class="quiet text-sm"
				>{isSteady ? say.steady() : reading?.state === 'settling' ? say.settling() : ''}</span
			>
			<span class="sr-only" role="status" data-scale-said>{said}</span>
		</div>
		{#if isStandIn && !isConnected}
			<StandInScale {reading} onread={(next) => (reading = next)} />
		{/if}
		<div class="flex flex-wrap gap-2" role="group" aria-label={say.takeTheReadingAs()}>
			<button type="button" class="btn" disabled={!isSteady} onclick={() => onuse('gross', grams)}
				>{say.fullBox()}</button
			>
			<button type="button" class="btn" disabled={!isSteady} onclick={() => onuse('tare', grams)}
				>{say.emptyBox()}</button
			>
			<button type="button" class="btn" disabled={!isSteady} onclick={() => onuse('handful', grams)}
				>{say.aHandful()}</button
			>
		</div>
	{:else}
		<p class="text-[0.9375rem]">
			{say.weighOnAnyScaleAnd({ isCanConnect: canConnect ? 'yes' : 'no' })}
		</p>
	{/if}
	<div class="flex flex-wrap gap-2">
		{#if canConnect && !isConnected}
			<button type="button" class="btn font-normal" onclick={connect}>{say.connectAScale()}</button>
		{/if}
		{#if isConnected}
			<button type="button" class="btn font-normal" onclick={() => stop?.abort()}
				>{say.disconnectTheScale()}</button
			>
		{:else if !isStandIn}
			<button type="button" class="btn btn-ghost font-normal" onclick={() => (isAsked = true)}
				>{say.tryAPracticeScale()}</button
			>
		{/if}
	</div>
	{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
</div>
