import { matMeasured as say } from '$lib/words/common';
import { colourNames, type ColourName } from '../../core/colour/colours';
import { actBounds } from '../bounds';
import { entryType } from '../entry-type';
import type { FormReader } from '../form-reader';
import { readMatCode } from './mat-code';

/** The size of a mat at a row: what was laid along it, across it, or both. */
export interface MatSizeEntry {
	readonly type: 'mat-size';
	readonly mat: string;
	readonly row: number;
	readonly lengthMm: number | null;
	readonly widthMm: number | null;
	readonly isSure: boolean;
}

/** What is left of a colour, weighed as it lies there. */
export interface WeighedEntry {
	readonly type: 'weighed';
	readonly mat: string;
	readonly colour: ColourName;
	readonly massG: number;
}

/** No mat is longer, in mm. */
const longestMat = 10_000;
const sizeOr = (read: FormReader, field: string): number | null =>
	read.raw(field) === '' ? null : read.millimetres(field, 'bag', longestMat);

export const matSizeType = entryType<MatSizeEntry>({
	type: 'mat-size',
	page: null,
	done: say.measuredAMat(),
	read: (read) => {
		const [lengthMm, widthMm] = [sizeOr(read, 'length'), sizeOr(read, 'width')];
		if (lengthMm === null && widthMm === null)
			read.problems['length'] = say.measureTheLengthTheWidth();
		return {
			type: 'mat-size',
			mat: readMatCode(read),
			row: read.count('row', actBounds.matRow),
			lengthMm,
			widthMm,
			isSure: read.isSure
		};
	},
	words: ({ mat, row }) => say.measuredAtRow({ mat: mat ?? '', row: row ?? '' })
});

export const weighedType = entryType<WeighedEntry>({
	type: 'weighed',
	page: null,
	done: say.weighedWhatWasLeftOf(),
	read: (read) => ({
		type: 'weighed',
		mat: readMatCode(read),
		colour: read.word('colour', colourNames),
		massG: read.grams('mass', 0, 20_000)
	}),
	words: ({ colour, mat }) => say.whatIsLeftOfFor({ colour: colour ?? '', mat: mat ?? '' })
});
