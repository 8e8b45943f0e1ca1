import { faultsOf } from '$lib/core/check/faults';
import type { Mended } from '$lib/core/check/remedies';
import type { TechniqueKind } from '$lib/core/techniques/technique';

/** What one says to a question, and what it is then. */
export interface SignAnswer {
	readonly words: string;
	readonly mended: Mended;
}

/** What one sees or feels of a mat; where it can be several things, a question tells them apart. */
export interface Sign {
	readonly id: string;
	readonly words: string;
	readonly question: string;
	readonly answers: readonly SignAnswer[];
}

const all: readonly Sign[] = [
	{
		id: 'finger',
		words: 'A finger goes through',
		question: 'Where does it go through?',
		answers: [
			{ words: 'in one place, or in a few', mended: 'through' },
			{ words: 'all along, between the rows', mended: 'loose-rows' }
		]
	},
	{
		id: 'narrower',
		words: 'It gets narrower',
		question: 'Count the stitches of the last row, and of the first.',
		answers: [
			{ words: 'there are fewer', mended: 'narrows' },
			{ words: 'there are as many, drawn tighter', mended: 'cups' }
		]
	},
	{
		id: 'not-flat',
		words: 'It does not lie flat',
		question: 'What does it do on the table?',
		answers: [
			{ words: 'its edge lies in waves', mended: 'waves' },
			{ words: 'its middle stands up like a bowl', mended: 'cups' },
			{ words: 'the band curls, or turns round', mended: 'band-curls' }
		]
	},
	{
		id: 'lump',
		words: 'The strand has a lump, or the hook will not enter',
		question: 'Feel along the strand: what is there?',
		answers: [
			{ words: 'a joint as hard as a bead', mended: 'tight-joint' },
			{ words: 'a joint that slides', mended: 'loose-joint' },
			{ words: 'a strip twice as wide as the others', mended: 'double-strip' },
			{ words: 'a ring with one side bowed out', mended: 'uneven-ring' }
		]
	},
	{
		id: 'broke',
		words: 'The strand broke',
		question: 'Where did it break?',
		answers: [{ words: 'at a joint, or beside one', mended: 'torn-joint' }]
	},
	{
		id: 'rows',
		words: 'The rows lie loose, or meet oddly',
		question: 'Look at the rows where it is.',
		answers: [
			{ words: 'they can be pushed together with a finger', mended: 'loose-rows' },
			{ words: 'where the two ends meet, two rows lie alike', mended: 'ends-alike' },
			{ words: 'a knot sits at a peg', mended: 'knot-at-peg' }
		]
	},
	{
		id: 'frame-edge',
		words: 'An edge or an end hangs free of the frame',
		question: 'What hangs free?',
		answers: [
			{ words: 'the strand along the edge', mended: 'edge-missed' },
			{ words: 'the first or the last row, at the nails', mended: 'nails-missed' },
			{ words: 'the rod itself', mended: 'rod-off' }
		]
	},
	{
		id: 'end',
		words: 'An end, a tie or a strap comes off',
		question: 'What comes off?',
		answers: [
			{ words: 'a tail that was led back', mended: 'loose-tail' },
			{ words: 'a tie or the strap', mended: 'weak-tie' }
		]
	},
	{
		id: 'damp',
		words: 'It is damp, or smells',
		question: 'Before it is packed:',
		answers: [{ words: 'it is damp, or smells', mended: 'damp' }]
	}
];

/** The signs a mat of a technique can show, each with what it can then be. */
export function signsOf(technique: TechniqueKind): Sign[] {
	const can = new Set<Mended>(['through', ...faultsOf(technique)]);
	return all
		.map((sign) => ({ ...sign, answers: sign.answers.filter(({ mended }) => can.has(mended)) }))
		.filter(({ answers }) => answers.length > 0);
}
