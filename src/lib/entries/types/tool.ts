import { tool as say } from '$lib/words/common';
import { hooksOfLetter } from '../../core/techniques/crochet/hook-letters';
import type { Tool, ToolSort } from '../../core/tools/tools';
import { toolBounds, toolSorts } from '../../core/tools/tools';
import type { FormReader } from '../form-reader';
import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';

/** A tool that is there, so many of it; measured again, or gone, where `toolId` says which. */
export interface ToolEntry {
	readonly type: 'tool';
	readonly toolId: string | null;
	readonly name: string;
	readonly count: number;
	/** Its measures; null where it is not there any more. */
	readonly tool: Tool | null;
}

/** How thick a hook is, mm: typed so, or by a letter; where makers give one letter to several it is asked which. */
function readHook(read: FormReader): number {
	const letter = read.raw('hook').trim().toUpperCase();
	const sizes = /^[A-Z]$/.test(letter) ? hooksOfLetter(letter) : [];
	if (sizes.length > 1) {
		read.problems.hook = say.whichHook({ letter, sizes: sizes.join(', ') });
		return NaN;
	}
	const [mm] = sizes;
	if (mm === undefined) return read.number('hook', toolBounds.hookMm);
	read.canonical.hook = String(mm);
	return mm;
}

/** A length within what a hall holds, with a sentence where it is not. */
function lengthIn(
	read: FormReader,
	field: string,
	scale: 'bag' | 'small' | 'mat',
	{ atLeast, atMost }: { readonly atLeast: number; readonly atMost: number },
	words: string
): number {
	const mm = read.millimetres(field, scale, 1_000_000);
	if (mm < atLeast || mm > atMost) read.problems[field] ??= words;
	return mm;
}

function readMeasures(read: FormReader, sort: ToolSort): Tool {
	const pitch = () =>
		lengthIn(read, 'pitch', 'small', toolBounds.pitchMm, say.pegsAndNailsStandBetween());
	const length = (field: string) =>
		lengthIn(read, field, 'mat', toolBounds.lengthMm, say.tooShortForAMat());
	switch (sort) {
		case 'loom':
			return {
				sort,
				pegs: read.count('pegs', toolBounds.pegs),
				pitchMm: pitch(),
				pegToPegMm: length('peg_to_peg'),
				hasRods: read.raw('rods') !== 'none'
			};
		case 'frame':
			return {
				sort,
				nails: read.count('nails', toolBounds.nails),
				pitchMm: pitch(),
				lengthMm: length('frame_length'),
				rods: read.raw('rods') === 'bare' ? 'bare' : 'eyes'
			};
		case 'hook':
			return { sort, mm: readHook(read) };
		default:
			return { sort };
	}
}

function readTool(read: FormReader): ToolEntry {
	const toolId = read.raw('tool') === '' ? null : read.uuid('tool');
	return {
		type: 'tool',
		toolId,
		name: read.needed('name', longest['tool.name']),
		count: read.count('count', bounds['tool.count'], 1),
		tool:
			toolId !== null && read.raw('gone') === 'yes'
				? null
				: readMeasures(read, read.word('sort', toolSorts))
	};
}

export const toolType = entryType<ToolEntry>({
	type: 'tool',
	page: '/prepare/tools',
	done: say.measuredATool(),
	read: readTool,
	words: ({ name, gone }) => `${name || say.aTool()}${gone === 'yes' ? say.removed() : ''}`
});
