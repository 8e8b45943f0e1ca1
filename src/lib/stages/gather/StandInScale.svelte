<script lang="ts">
	// A stand-in for a scale: what lies on its pan is typed, and it settles, wanders and is pulled out as one does.
	import { StandInScale as say } from '$lib/words/gather';
	import { bareMassUnitOf, parseMass } from '$lib/core/units/parse-mass';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { ScaleReading } from '$lib/core/gather/scale';
	import { onMount } from 'svelte';

	interface Props {
		reading: ScaleReading | null;
		onread: (reading: ScaleReading) => void;
	}
	const { reading, onread }: Props = $props();
	const outbox = getOutbox();
	const system = $derived(outbox.readBy().system);
	let onPan = $state('0');
	let lay = $state({ from: 0, to: 0 });
	let tareG = $state(0);
	let source: EventSource | null = null;
	let seed = 1;

	function listen(unplugged?: number) {
		source?.close();
		const query = `from=${lay.from}&to=${lay.to}&tare=${tareG}&seed=${seed++}${unplugged === undefined ? '' : `&unplugged=${unplugged}`}`;
		source = new EventSource(`/api/scale?${query}`);
		source.onmessage = ({ data }) => {
			const next = JSON.parse(data) as ScaleReading;
			onread(next);
			if (next.state === 'unplugged') source?.close();
		};
		source.onerror = () => {
			onread({ state: 'unplugged', g: null });
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
</script>

<div class="flex flex-wrap items-end gap-2">
	<label class="grid gap-1 text-[0.9375rem]">
		{say.onThePan({ bareMassUnitOf: bareMassUnitOf(system) })}
		<input class="field w-28" inputmode="decimal" bind:value={onPan} />
	</label>
	<button type="button" class="btn" onclick={put}>{say.putItOn()}</button>
	<button type="button" class="btn" onclick={tare}>{say.tare()}</button>
	{#if reading?.state === 'unplugged'}
		<button type="button" class="btn" onclick={() => listen()}>{say.plugItInAgain()}</button>
	{:else}
		<button type="button" class="btn btn-ghost font-normal" onclick={() => listen(0.4)}
			>{say.pullThePlug()}</button
		>
	{/if}
</div>
<p class="quiet text-sm">
	{say.aPracticeScaleTypeWhat()}
</p>
