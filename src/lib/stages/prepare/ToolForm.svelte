<script lang="ts">
	// A tool that is there, by its measures; drawn to scale while they are typed.
	import { ToolForm as say } from '$lib/words/prepare';
	import { toolSorts } from '$lib/core/tools/tools';
	import { toolScene } from '$lib/core/drawing/tool-scene';
	import { fieldLength } from '$lib/core/units/format-length';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import OnlyWhen from '$lib/entries/OnlyWhen.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { readEntry } from '$lib/entries/read-entry';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import SceneView from '$lib/ui/SceneView.svelte';
	import { toolNames, toolWords } from '$lib/ui/tool-words';
	import { untrack } from 'svelte';
	import type { ToolLine } from './tool-line';

	interface Props {
		/** The tool that is measured again; null for a new one. */
		line: ToolLine | null;
		sent?: SentForm | null | undefined;
	}
	const { line, sent }: Props = $props();
	const outbox = getOutbox();
	const start = untrack((): Record<string, string> => {
		const { system } = outbox.readBy();
		const tool = line?.tool;
		const written = (mm: number, scale: 'small' | 'mat') => fieldLength(mm, system, scale);
		return {
			tool: line?.id ?? '',
			sort: tool?.sort ?? 'loom',
			name: line?.name ?? '',
			count: String(line?.count ?? 1),
			pegs: tool?.sort === 'loom' ? String(tool.pegs) : '',
			nails: tool?.sort === 'frame' ? String(tool.nails) : '',
			pitch: tool?.sort === 'loom' || tool?.sort === 'frame' ? written(tool.pitchMm, 'small') : '',
			peg_to_peg: tool?.sort === 'loom' ? written(tool.pegToPegMm, 'mat') : '',
			frame_length: tool?.sort === 'frame' ? written(tool.lengthMm, 'mat') : '',
			rods:
				tool?.sort === 'loom' && !tool.hasRods
					? 'none'
					: tool?.sort === 'frame'
						? tool.rods
						: 'eyes',
			hook: tool?.sort === 'hook' ? String(tool.mm) : ''
		};
	});
	const form = untrack(() => new TypedForm('tool', start, outbox, sent));
	const sort = $derived(form.typed.sort);
	const tool = $derived.by(() => {
		const typed = { ...form.typed, name: form.typed.name || say.aTool() };
		const { entry } = readEntry('tool', typed, outbox.readBy());
		return entry?.type === 'tool' ? entry.tool : null;
	});
	const isDrawn = $derived(tool?.sort === 'loom' || tool?.sort === 'frame');
</script>

<EntryForm
	{form}
	title={line ? say.measureAgain({ name: line.name }) : say.addATool()}
	act={line ? say.save() : say.add()}
	stays={line
		? [
				'tool',
				'sort',
				'name',
				'count',
				'pegs',
				'nails',
				'pitch',
				'peg_to_peg',
				'frame_length',
				'rods',
				'hook'
			]
		: ['sort']}
>
	<input type="hidden" name="tool" value={form.typed.tool} />
	{#if !line}
		<EntrySelect
			{form}
			field="sort"
			label={say.kind()}
			options={toolSorts.map((value) => ({ value, label: toolNames[value] }))}
		/>
	{:else}<input type="hidden" name="sort" value={form.typed.sort} />{/if}
	<div class="grid grid-cols-[2fr_1fr] gap-3">
		<EntryField {form} field="name" label={say.name()} />
		<EntryField {form} field="count" label={say.howMany()} inputmode="numeric" />
	</div>
	<OnlyWhen is={sort === 'loom'}>
		<div class="grid grid-cols-2 gap-3">
			<EntryField {form} field="pegs" label={say.pegsAtEachEnd()} inputmode="numeric" />
			<EntryField {form} field="peg_to_peg" label={say.pegToPegAlong()} />
		</div>
	</OnlyWhen>
	<OnlyWhen is={sort === 'frame'}>
		<div class="grid grid-cols-2 gap-3">
			<EntryField {form} field="nails" label={say.nailsAtEachEnd()} inputmode="numeric" />
			<EntryField {form} field="frame_length" label={say.lengthBetweenThem()} />
		</div>
	</OnlyWhen>
	<OnlyWhen is={sort === 'loom' || sort === 'frame'}>
		<div class="grid grid-cols-2 gap-3">
			<EntryField {form} field="pitch" label={say.spacing()} hint={say.middleToMiddle()} />
			<EntrySelect
				{form}
				field="rods"
				label={say.sideRods()}
				options={sort === 'frame'
					? [
							{ value: 'eyes', label: say.inEyesOrClips() },
							{ value: 'bare', label: say.onBareNails() }
						]
					: [
							{ value: 'eyes', label: say.yes() },
							{ value: 'none', label: 'none' }
						]}
			/>
		</div>
	</OnlyWhen>
	<OnlyWhen is={sort === 'hook'}>
		<EntryField {form} field="hook" label={say.thicknessMm()} />
	</OnlyWhen>
	{#if tool && isDrawn && (tool.sort === 'loom' || tool.sort === 'frame')}
		<div role="status" class="min-w-0">
			<SceneView
				scene={toolScene(
					tool,
					300 / Math.max(2000, tool.sort === 'loom' ? tool.pegToPegMm : tool.lengthMm)
				)}
				said={say.yourToolDrawnToScale()}
			/>
			<p class="text-[0.9375rem]">{toolWords(tool, form.lengths)}.</p>
		</div>
	{/if}
	{#snippet after()}
		{#if sort === 'rolling-blade' || sort === 'sharp-scissors'}
			<Caution>
				{say.rollingBladesAreForTrained()}
			</Caution>
		{:else if sort === 'loom' || sort === 'frame'}
			<Caution>
				{say.rodsSitUnderTensionMind()}
			</Caution>
		{/if}
	{/snippet}
</EntryForm>
