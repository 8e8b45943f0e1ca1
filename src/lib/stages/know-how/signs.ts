import { signs as say } from '$lib/words/know-how';
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
		words: say.aFingerGoesThrough(),
		question: say.whereDoesItGoThrough(),
		answers: [
			{ words: say.inOnePlaceOrIn(), mended: 'through' },
			{ words: say.allAlongBetweenTheRows(), mended: 'loose-rows' }
		]
	},
	{
		id: 'narrower',
		words: say.itGetsNarrower(),
		question: say.countTheStitchesOfThe(),
		answers: [
			{ words: say.thereAreFewer(), mended: 'narrows' },
			{ words: say.thereAreAsManyDrawn(), mended: 'cups' }
		]
	},
	{
		id: 'not-flat',
		words: say.itDoesNotLieFlat(),
		question: say.whatDoesItDoOn(),
		answers: [
			{ words: say.itsEdgeIsWavy(), mended: 'waves' },
			{ words: say.itsMiddleStandsUpLike(), mended: 'cups' },
			{ words: say.theBandCurlsOrTurns(), mended: 'band-curls' }
		]
	},
	{
		id: 'lump',
		words: say.theYarnHasALump(),
		question: say.feelAlongTheStrandWhat(),
		answers: [
			{ words: say.aJointAsHardAs(), mended: 'tight-joint' },
			{ words: say.aJointThatSlides(), mended: 'loose-joint' },
			{ words: say.aStripTwiceAsWide(), mended: 'double-strip' },
			{ words: say.aRingWithOneSide(), mended: 'uneven-ring' }
		]
	},
	{
		id: 'broke',
		words: say.theStrandBroke(),
		question: say.whereDidItBreak(),
		answers: [{ words: say.atAJointOrBeside(), mended: 'torn-joint' }]
	},
	{
		id: 'rows',
		words: say.theRowsLieLooseOr(),
		question: say.lookAtTheRowsWhere(),
		answers: [
			{ words: say.theyCanBePushedTogether(), mended: 'loose-rows' },
			{ words: 'where the two ends meet, two rows lie alike', mended: 'ends-alike' },
			{ words: say.aKnotSitsAtA(), mended: 'knot-at-peg' }
		]
	},
	{
		id: 'frame-edge',
		words: say.anEdgeOrAnEnd(),
		question: say.whatHangsFree(),
		answers: [
			{ words: say.theStrandAlongTheEdge(), mended: 'edge-missed' },
			{ words: say.theFirstOrTheLast(), mended: 'nails-missed' },
			{ words: say.theRodItself(), mended: 'rod-off' }
		]
	},
	{
		id: 'end',
		words: say.anEndATieOr(),
		question: say.whatComesOff(),
		answers: [
			{ words: say.aTailThatWasLed(), mended: 'loose-tail' },
			{ words: say.aTieOrTheStrap(), mended: 'weak-tie' }
		]
	},
	{
		id: 'damp',
		words: say.itIsDampOrSmells(),
		question: say.beforeItIsPacked(),
		answers: [{ words: say.itIsDampOrSmells2(), mended: 'damp' }]
	}
];

/** The signs a mat of a technique can show, each with what it can then be. */
export function signsOf(technique: TechniqueKind): Sign[] {
	const can = new Set<Mended>(['through', ...faultsOf(technique)]);
	return all
		.map((sign) => ({ ...sign, answers: sign.answers.filter(({ mended }) => can.has(mended)) }))
		.filter(({ answers }) => answers.length > 0);
}
