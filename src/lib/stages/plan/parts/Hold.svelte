<script lang="ts">
	// A hold on a drawing: dragged, moved with the arrow keys, or typed where it lies.
	import { Hold as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { tick } from 'svelte';
	import type { Handle } from './handles';

	const { bench, handle }: { bench: Bench; handle: Handle } = $props();
	let isTyping = $state(false);
	let knob = $state<HTMLElement>();
	let input = $state<HTMLInputElement>();
	let begun: { at: number; mm: number; perMm: number; hasMoved: boolean } | null = null;

	const kept = (mm: number) =>
		Math.min(handle.mostMm, Math.max(handle.leastMm, Math.round(mm * 10) / 10));
	const place = (event: PointerEvent) => (handle.axis === 'x' ? event.clientX : event.clientY);

	function begin(event: PointerEvent) {
		if (event.button !== 0) return;
		(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
		// The scale changes while the thing grows: a drag keeps to the one it began with.
		begun = { at: place(event), mm: handle.valueMm, perMm: handle.perMm, hasMoved: false };
	}
	function drag(event: PointerEvent) {
		if (!begun) return;
		const by = place(event) - begun.at;
		if (!begun.hasMoved && Math.abs(by) < 4) return;
		begun.hasMoved = true;
		const mm = begun.mm + by / begun.perMm;
		handle.set(kept(Math.round(mm / handle.stepMm) * handle.stepMm));
	}
	function end() {
		if (!begun) return;
		const { hasMoved } = begun;
		begun = null;
		if (hasMoved) bench.note();
		else void type();
	}
	async function type() {
		isTyping = true;
		await tick();
		input?.focus();
		input?.select();
	}
	async function leave() {
		if (!isTyping) return;
		isTyping = false;
		bench.note();
		await tick();
	}
	function press(event: KeyboardEvent) {
		const step = handle.stepMm * (event.shiftKey ? 10 : 1);
		const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
		if (by !== undefined) {
			event.preventDefault();
			handle.set(kept(handle.valueMm + by * step));
			bench.note();
		} else if (event.key === 'Home' || event.key === 'End') {
			event.preventDefault();
			handle.set(event.key === 'Home' ? handle.leastMm : handle.mostMm);
			bench.note();
		} else if (event.key === 'Enter' || event.key === ' ') {
			event.preventDefault();
			void type();
		}
	}
</script>

{#if isTyping}
	<form
		class="absolute z-10 -translate-y-1/2"
		style:left="min({handle.x}px, 100% - 6rem)"
		style:top="{handle.y}px"
		onsubmit={(event) => {
			event.preventDefault();
			void leave().then(() => knob?.focus());
		}}
	>
		<input
			class="field w-24 bg-base-100"
			aria-label={say.typedOnTheDrawing({ label: handle.label })}
			autocomplete="off"
			bind:this={input}
			value={bench.fields[handle.field]}
			aria-invalid={bench.problemAt(handle.field) ? 'true' : undefined}
			oninput={(event) =>
				bench.type({
					[handle.field]: event.currentTarget.value,
					...(handle.field.startsWith('bag_') && { bag_preset: 'own' })
				})}
			onkeydown={(event) => {
				event.stopPropagation();
				if (event.key === 'Escape' || event.key === 'Enter') {
					event.preventDefault();
					void leave().then(() => knob?.focus());
				}
			}}
			onblur={() => void leave()}
		/>
	</form>
{:else}
	<button
		type="button"
		class="hold absolute grid size-11 -translate-x-1/2 -translate-y-1/2 touch-none place-items-center {handle.axis ===
		'x'
			? 'cursor-ew-resize'
			: 'cursor-ns-resize'}"
		style:left="{handle.x}px"
		style:top="{handle.y}px"
		role="slider"
		aria-label={say.dragOrPressToType({ label: handle.label })}
		aria-valuemin={handle.leastMm}
		aria-valuemax={handle.mostMm}
		aria-valuenow={Math.round(handle.valueMm)}
		aria-valuetext={handle.words}
		aria-orientation={handle.axis === 'x' ? 'horizontal' : 'vertical'}
		data-hold={handle.field}
		bind:this={knob}
		onpointerdown={begin}
		onpointermove={drag}
		onpointerup={end}
		onpointercancel={() => (begun = null)}
		onkeydown={press}
	>
		<span
			class="block rounded-full border-2 border-base-100 bg-primary shadow {handle.axis === 'x'
				? 'h-6 w-3.5'
				: 'h-3.5 w-6'}"
		></span>
	</button>
{/if}
