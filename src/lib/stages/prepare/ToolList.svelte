<script lang="ts">
	// The tools that are there: looms and frames to one scale, hooks as thick as they are, the rest counted.
	import { listWords } from '$lib/ui/list-words';
	import { ToolList as say } from '$lib/words/prepare';
	import { actTo } from '$lib/ui/offered';
	import { toolScene } from '$lib/core/drawing/tool-scene';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { newKey } from '$lib/ui/new-key';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { toolNames, toolWords } from '$lib/ui/tool-words';
	import type { ToolLine } from './tool-line';

	interface Props {
		tools: readonly ToolLine[];
		/** The plans with mats wanted that ask for a loom, by its id. */
		wishes: Readonly<Record<string, readonly string[]>>;
		system: LengthSystem;
	}
	const { tools, wishes, system }: Props = $props();
	const longest = $derived(
		Math.max(
			1500,
			...tools.map(({ tool }) =>
				tool.sort === 'loom' ? tool.pegToPegMm : tool.sort === 'frame' ? tool.lengthMm : 0
			)
		)
	);
	const scale = $derived(240 / longest);
	/** Millimetres of the page, as far as the screen is honest. */
	const cssMm = 96 / 25.4;
	const planOn = ({ id, tool }: ToolLine) =>
		tool.sort === 'loom' || tool.sort === 'frame' || tool.sort === 'hook'
			? `/plan?step=technique&tool=${id}`
			: null;
</script>

{#if tools.length === 0}
	<p class="mt-2">
		{say.noneYetMeasureTheLoom()}
	</p>
{:else}
	<ul class="mt-3 grid grid-cols-[repeat(auto-fill,minmax(min(100%,20rem),1fr))] gap-4">
		{#each tools as line (line.id)}
			{@const { id, name, count, tool } = line}
			{@const href = planOn(line)}
			<li class="grid content-start gap-1 border-t border-base-300 pt-3" data-tool={name}>
				{#if tool.sort === 'loom' || tool.sort === 'frame'}
					<SceneView scene={toolScene(tool, scale)} said={say.drawnToScale({ name })} />
				{:else if tool.sort === 'hook'}
					<svg
						width={Math.max(44, tool.mm * cssMm + 4)}
						height={tool.mm * cssMm + 4}
						role="img"
						aria-label={say.realThickness({ name })}
					>
						<circle
							cx={(tool.mm * cssMm) / 2 + 2}
							cy={(tool.mm * cssMm) / 2 + 2}
							r={(tool.mm * cssMm) / 2}
							class="fill-base-content/25 stroke-base-content"
						/>
					</svg>
				{/if}
				<h3 class="text-lg font-semibold">{name}</h3>
				<p class="text-[0.9375rem]">
					{count === 1 ? toolNames[tool.sort] : `${count} × ${toolNames[tool.sort]}`}{toolWords(
						tool,
						system
					)
						? `: ${toolWords(tool, system)}`
						: ''}
				</p>
				{#if (wishes[id]?.length ?? 0) > count}
					<p class="text-[0.9375rem] font-semibold" data-wishes>
						{say.wantTheSameLoomOne({ wishes: listWords(wishes[id] ?? []) })}
					</p>
				{/if}
				<div class="flex flex-wrap gap-2">
					{#if href}<a class="btn px-3" {href}
							>{say.planWithIt()}<span class="sr-only">: {name}</span></a
						>{/if}
					<a class="btn px-3 font-normal" href="?again={id}"
						>{say.measureAgain()}<span class="sr-only">: {name}</span></a
					>
					<form method="POST" {...actTo('?/keep', 'tool')}>
						<input type="hidden" name="type" value="tool" />
						<input type="hidden" name="key" value={newKey()} />
						<input type="hidden" name="tool" value={id} />
						<input type="hidden" name="gone" value="yes" />
						<input type="hidden" name="name" value={name} />
						<button class="btn px-3 font-normal"
							>{say.remove()}<span class="sr-only">: {name}</span></button
						>
					</form>
				</div>
			</li>
		{/each}
	</ul>
{/if}
