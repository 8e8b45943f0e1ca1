import { check as msg } from '$lib/words/common';
import type { FaultKind } from '../../core/check/faults';
import { faultKinds } from '../../core/check/faults';
import type { CheckResult, FoundFault } from '../../core/check/judge-mat';
import { mapPlaces } from '../../core/check/judge-mat';
import { longest } from '../bounds';
import { entryType } from '../entry-type';
import type { FormReader } from '../form-reader';
import { readMatCode } from './mat-code';

/** A mat whose rows are made and whose ends are finished: it waits to be checked. */
export interface FinishEntry {
	readonly type: 'finish';
	readonly mat: string;
}

/** A mat that was mended as its check asked: it is checked again. */
export interface MendedEntry {
	readonly type: 'mended';
	readonly mat: string;
}

/** What was measured, weighed and felt of a mat. */
export interface CheckEntry {
	readonly type: 'check';
	readonly mat: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number | null;
	readonly goesThrough: readonly boolean[];
	readonly faults: readonly FoundFault[];
	/** What whoever checks it makes of it, where that is not what the figures say; and why. */
	readonly result: CheckResult | null;
	readonly why: string | null;
}

const places = mapPlaces.along * mapPlaces.across;
/** More faults than these are a mat to take apart. */
const mostFaults = 60;
export const checkResults = ['good', 'mend', 'apart', 'other-use'] as const;

/** `loose-tail@0.25,0.5; damp@0,1` as faults; null where it is none. */
export function faultsIn(text: string): FoundFault[] | null {
	if (text.trim() === '') return [];
	const words = text
		.split(';')
		.map((one) => /^([a-z-]+)@([\d.]{1,6}),([\d.]{1,6})$/.exec(one.trim()));
	const found = words.flatMap((word): FoundFault[] => {
		const kind = faultKinds.find((name) => name === word?.[1]) as FaultKind | undefined;
		const [along, across] = [Number(word?.[2]), Number(word?.[3])];
		return kind && along <= 1 && across <= 1 ? [{ kind, along, across }] : [];
	});
	return found.length === words.length && found.length <= mostFaults ? found : null;
}

/** Faults as an entry has them. */
export const faultsText = (faults: readonly FoundFault[]): string =>
	faults
		.map(({ kind, along, across }) => `${kind}@${along.toFixed(3)},${across.toFixed(3)}`)
		.join('; ');

function readFaults(read: FormReader): FoundFault[] {
	const faults = faultsIn(read.raw('faults'));
	if (!faults) read.problems['faults'] = msg.whatWasFoundCouldNot();
	return faults ?? [];
}

function readMap(read: FormReader): boolean[] {
	const text = read.raw('map') === '' ? '0'.repeat(places) : read.raw('map');
	if (!new RegExp(`^[01]{${places}}$`).test(text))
		read.problems['map'] = msg.theFingertipMapHasFifteen();
	return Array.from({ length: places }, (_, at) => text[at] === '1');
}

export const finishType = entryType<FinishEntry>({
	type: 'finish',
	page: null,
	done: msg.finishedAMat(),
	read: (read) => ({ type: 'finish', mat: readMatCode(read) }),
	words: ({ mat }) => msg.matFinished({ mat: mat ?? '' })
});

export const mendedType = entryType<MendedEntry>({
	type: 'mended',
	page: null,
	done: msg.mendedAMat(),
	read: (read) => ({ type: 'mended', mat: readMatCode(read) }),
	words: ({ mat }) => msg.matMended({ mat: mat ?? '' })
});

export const checkType = entryType<CheckEntry>({
	type: 'check',
	page: null,
	done: msg.checkedAMat(),
	read: (read) => {
		const result = read.raw('result') === '' ? null : read.word('result', checkResults);
		const why = read.text('why', longest['entry.note']);
		if (result !== null && why === null) read.problems['why'] = msg.sayBrieflyWhyTheFigures();
		return {
			type: 'check',
			mat: readMatCode(read),
			widthMm: read.millimetres('width', 'bag', 10_000),
			lengthMm: read.millimetres('length', 'bag', 10_000),
			massG: read.raw('mass') === '' ? null : read.grams('mass', 10, 50_000),
			goesThrough: readMap(read),
			faults: readFaults(read),
			result,
			why
		};
	},
	words: ({ mat, by }) =>
		by === 'photo' ? msg.matCheckedByPhoto({ mat: mat ?? '' }) : msg.matChecked({ mat: mat ?? '' })
});
