import { measurement as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import { longest } from '../bounds';
import { entryType } from '../entry-type';

export const measures = ['swatch', 'chain', 'woven', 'handful', 'mat'] as const;
export type Measure = (typeof measures)[number];

const measureNames: Readonly<Record<Measure, string>> = {
	swatch: say.aSwatch(),
	chain: say.aChain(),
	woven: say.wovenRows(),
	handful: say.aHandful(),
	mat: say.aFinishedMat()
};

/** Something measured of the work of a kept plan: what was counted, and what was measured of it. */
export interface MeasurementEntry {
	readonly type: 'measurement';
	readonly measure: Measure;
	readonly planId: string;
	readonly maker: string | null;
	readonly measuredOn: string;
	readonly counted: number;
	/** Rows of a swatch. */
	readonly rows: number | null;
	/** Width of a swatch, or length of a chain, of woven rows or of a mat, mm; null for a handful. */
	readonly lengthMm: number | null;
	/** Height of a swatch, width of a mat or of a finger-woven band, mm. */
	readonly heightMm: number | null;
	/** Bags woven into the rows, where they were counted. */
	readonly bagsUsed: number | null;
	readonly strandMm: number | null;
	readonly massG: number | null;
	/** It was measured from a photo. */
	readonly isByPhoto?: true;
	/** The one who typed it has said that an odd reading is right as it stands. */
	readonly isSure: boolean;
}

function readMeasurement(read: FormReader): MeasurementEntry {
	const measure = read.word('measure', measures);
	const isSwatch = measure === 'swatch';
	const isWoven = measure === 'woven';
	const hasHeight = isSwatch || measure === 'mat' || (isWoven && read.raw('height') !== '');
	return {
		type: 'measurement',
		measure,
		planId: read.uuid('plan'),
		maker: read.text('maker', longest['person.name']),
		measuredOn: read.day('measured_on'),
		counted: read.count('counted', { atLeast: 1, atMost: 10_000 }),
		rows: isSwatch ? read.count('rows', { atLeast: 1, atMost: 10_000 }) : null,
		lengthMm: measure === 'handful' ? null : read.millimetres('length', 'bag', 100_000),
		heightMm: hasHeight ? read.millimetres('height', 'bag', 100_000) : null,
		bagsUsed:
			isWoven && read.raw('bags_used') !== ''
				? read.count('bags_used', { atLeast: 1, atMost: 10_000 })
				: null,
		strandMm:
			isSwatch && read.raw('strand') !== '' ? read.millimetres('strand', 'bag', 1_000_000) : null,
		massG: measure === 'handful' ? read.grams('mass', 0.1, 1_000_000) : null,
		...(read.raw('by') === 'photo' && { isByPhoto: true }),
		isSure: read.isSure
	};
}

export const measurementType = entryType<MeasurementEntry>({
	type: 'measurement',
	page: '/measures',
	done: 'measured',
	read: readMeasurement,
	words: ({ measure, by }) => {
		const what = measureNames[measure as Measure] ?? say.aMeasure();
		return by === 'photo' ? say.byPhoto({ what }) : what;
	}
});
