import { ball as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { CutSnapshot } from '../../core/prepare/cut-pile';
import type { FormReader } from '../form-reader';
import { actBounds, longest } from '../bounds';
import { entryType } from '../entry-type';
import { readCodeField } from './code-field';
import { readCutWord } from './cut-word';

/** As many colours as one ball is wound of. */
export const mostBallColours = 4;

/** Strand wound into a ball, or laid as a chain of counted bags for a loom. */
export interface BallEntry {
	readonly type: 'ball';
	readonly as: 'ball' | 'chain';
	readonly kindId: string;
	readonly cut: CutSnapshot;
	/** In the order they are wound: bags' worth of each colour. */
	readonly colours: readonly { readonly colour: ColourName; readonly bags: number }[];
	/** The label it gets; null where the next code is taken for it. */
	readonly code: string | null;
	readonly planId: string | null;
	readonly planVersion: number | null;
	/** What the ball weighs, and how far the scale is off; null where it was not weighed. */
	readonly massG: number | null;
	readonly scaleErrorG: number;
	readonly byName: string | null;
}

function readColours(read: FormReader): BallEntry['colours'] {
	const colours = [
		{ colour: read.word('colour', colourNames), bags: read.count('bags', actBounds.ballBags) }
	];
	for (let nth = 2; nth <= mostBallColours; nth++) {
		const [colour, bags] = [`colour_${nth}`, `bags_${nth}`];
		if (read.raw(colour) === '' && ['', '0'].includes(read.raw(bags))) continue;
		colours.push({
			colour: read.word(colour, colourNames),
			bags: read.count(bags, actBounds.ballBags)
		});
	}
	return colours;
}

function readBall(read: FormReader): BallEntry {
	const isPlanned = read.raw('plan') !== '';
	return {
		type: 'ball',
		as: read.raw('as') === 'chain' ? 'chain' : 'ball',
		kindId: read.uuid('kind'),
		cut: readCutWord(read),
		colours: readColours(read),
		code: readCodeField(read, 'code'),
		planId: isPlanned ? read.uuid('plan') : null,
		planVersion: isPlanned ? read.count('plan_version', actBounds.planVersion) : null,
		massG: read.raw('mass') === '' ? null : read.grams('mass', 1, 20_000),
		scaleErrorG: read.raw('scale_error') === '' ? 1 : read.grams('scale_error', 0, 1000),
		byName: read.text('by_name', longest['person.name'])
	};
}

export const ballType = entryType<BallEntry>({
	type: 'ball',
	page: '/prepare',
	done: say.woundABall(),
	read: readBall,
	facts: ({ byName }) => ({ byName, reason: 'balled' }),
	words: ({ as, colour, bags }) =>
		say.isasSelectYesOtherOf({
			isAs: as === 'chain' ? 'yes' : 'no',
			bags: bags ?? '',
			colour: colour ?? ''
		})
});
