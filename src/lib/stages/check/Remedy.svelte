<script lang="ts">
	// How one thing is mended: each step drawn as this technique makes it, and said.
	import { Remedy as say } from '$lib/words/check';
	import { faults } from '$lib/core/check/faults';
	import type { Mended } from '$lib/core/check/remedies';
	import { remedySketches } from '$lib/core/check/remedies';
	import { sketchScene } from '$lib/core/drawing/sketch-scene';
	import type { TechniqueKind } from '$lib/core/techniques/technique';
	import { actOfFault } from '$lib/stages/know-how/links/lessons-at';
	import ActLinks from '$lib/stages/know-how/links/ActLinks.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { faultWords, remedyWords } from './check-words';

	interface Props {
		kind: Mended;
		technique: TechniqueKind;
	}
	const { kind, technique }: Props = $props();
	const words = $derived(remedyWords(kind, technique));
	const sketches = $derived(remedySketches(kind, technique));
</script>

<div data-remedy={kind}>
	<p class="font-semibold">
		{#if kind === 'through'}{say.gap8MinutesEachAnyone()}{:else}
			{say.minutesEachIswhoSelectYes({
				name: faultWords[kind].name,
				minutes: faults[kind].minutes,
				isWho: faults[kind].who === 'practised' ? 'yes' : 'no'
			})}{/if}
	</p>
	<ol class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(min(100%,11rem),1fr))] gap-3">
		{#each words as step, at (step)}
			{@const sketch = sketches[at]}
			<li class="grid content-start gap-1">
				{#if sketch}<SceneView
						scene={sketchScene(sketch, 200, 13)}
						said={say.drawn({ step })}
						class="rounded border border-base-300"
					/>{/if}
				<span>{at + 1}. {step}</span>
			</li>
		{/each}
	</ol>
	<ActLinks acts={[actOfFault(kind, technique)]} words={say.toAvoidItNextTime()} />
</div>
