import { readFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { measure, type MeasureOptions } from '../../src/lib/core/photo/measure';
import type { Answer, Measured, Ranged, Subject } from '../../src/lib/core/photo/measured';
import type { Problem } from '../../src/lib/core/photo/problem';
import type { Picture } from '../../src/lib/core/photo/light';
import type { Sight } from '../../src/lib/core/photo/sight';
import { decoded } from '../../src/lib/server/photo/decode';
import { libraryAsItIs } from '../../src/lib/server/photo/library';
import { openSight } from '../../src/lib/sight/open-sight';

const root = fileURLToPath(new URL('../..', import.meta.url));

/** A photograph whose truths are known: mm, counts and shares; or why it cannot be measured. */
export interface Known {
	readonly file: string;
	readonly of: Subject;
	readonly problem: Problem | null;
	readonly truth: Readonly<Record<string, number | boolean | string | readonly number[]>>;
}
export const known = JSON.parse(
	readFileSync(path.join(root, 'tests/photos/truths.json'), 'utf8')
) as Known[];

export const fileOf = (file: string): Uint8Array => readFileSync(path.join(root, file));
export const pictureOf = (file: string): Promise<Picture> => decoded(fileOf(file));
export const sightHere = (): Promise<Sight> => openSight(libraryAsItIs);

export async function measured(
	sight: Sight,
	{ file, of }: Pick<Known, 'file' | 'of'>,
	options: MeasureOptions = {}
): Promise<Answer> {
	return measure(await pictureOf(file), of, sight, options);
}

/** How far off the truth a measure may be: a share of it or so many of its own unit, whichever is more. */
const bounds: Readonly<Record<Subject, { share: number; atLeast: number }>> = {
	bag: { share: 0.015, atLeast: 3 },
	strips: { share: 0.03, atLeast: 1.5 },
	swatch: { share: 0.02, atLeast: 0 },
	loom: { share: 0.02, atLeast: 0 },
	mat: { share: 0.015, atLeast: 0 },
	cover: { share: 0, atLeast: 0.03 }
};

/** A measure beside its truth. */
export interface Held {
	readonly name: string;
	readonly measure: Ranged;
	readonly truth: number;
	readonly isWithin: boolean;
	readonly isInRange: boolean;
}

/** Every measure whose truth is known, beside it. */
export function heldAgainst({ of, truth }: Known, answer: Measured): Held[] {
	const { share, atLeast } = bounds[of];
	const widths = truth.widths_mm;
	const pairs: [string, Ranged, number][] = [
		...Object.entries(answer.measures).flatMap(([name, measure]): [string, Ranged, number][] => {
			const own = truth[name];
			return typeof own === 'number' ? [[name, measure, own]] : [];
		}),
		...answer.strips.flatMap(({ mean }, nth): [string, Ranged, number][] => {
			const own = Array.isArray(widths) ? (widths[nth] as number | undefined) : undefined;
			return own === undefined ? [] : [[`strip ${nth}`, mean, own]];
		})
	];
	return pairs.map(([name, measure, own]) => ({
		name,
		measure,
		truth: own,
		isWithin: Math.abs(measure.value - own) <= Math.max(share * own, atLeast),
		isInRange: measure.low <= own && own <= measure.high
	}));
}
