<script lang="ts">
	// The group's own looms, frames or hooks, offered first: one chosen is planned on as it stands.
	import { OwnTools as say } from '$lib/words/plan';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import type { ToolSort } from '$lib/core/tools/tools';
	import { toolWords } from '$lib/ui/tool-words';

	const { bench, sort }: { bench: Bench; sort: Extract<ToolSort, 'loom' | 'frame' | 'hook'> } =
		$props();
	const own = $derived(bench.tools.filter(({ tool }) => tool.sort === sort));
	const titles = {
		loom: say.yourLooms(),
		frame: say.yourFrames(),
		hook: say.yourHooks()
	};
	const isChosen = ({ tool }: (typeof own)[number]): boolean => {
		const { technique } = bench.plan;
		const isNear = (a: number | undefined, b: number) => Math.abs((a ?? NaN) - b) < 0.06;
		if (tool.sort === 'loom' && technique.kind === 'peg-loom')
			return (
				technique.pegs === tool.pegs &&
				isNear(technique.pitchMm, tool.pitchMm) &&
				isNear(technique.pegToPegMm, tool.pegToPegMm)
			);
		if (tool.sort === 'frame' && technique.kind === 'twined')
			return (
				technique.nails === tool.nails &&
				isNear(technique.pitchMm, tool.pitchMm) &&
				isNear(technique.frameLengthMm, tool.lengthMm)
			);
		return (
			tool.sort === 'hook' && technique.kind === 'crochet' && isNear(technique.hookMm, tool.mm)
		);
	};
</script>

{#if own.length > 0}
	<div class="needs-scripts" role="group" aria-labelledby="own-{sort}">
		<p class="mb-1 text-[0.9375rem]" id="own-{sort}">{titles[sort]}</p>
		<div class="flex flex-wrap gap-2">
			{#each own as line (line.id)}
				<button
					type="button"
					class="btn h-auto px-3 py-1.5 font-normal aria-pressed:bg-neutral aria-pressed:text-neutral-content"
					aria-pressed={isChosen(line)}
					title={toolWords(line.tool, bench.system)}
					data-own={line.name}
					onclick={() => bench.chooseTool(line)}>{line.name}</button
				>
			{/each}
		</div>
	</div>
{/if}
