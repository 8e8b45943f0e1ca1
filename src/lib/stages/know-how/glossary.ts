import { glossary as msg } from '$lib/words/know-how';
import { terms } from '$lib/ui/terms';
import type { StitchTerms } from '$lib/ui/stitch-words';
import { stitchName } from '$lib/ui/stitch-words';

/** A word of the craft, and what it means; an act shows it where one does. */
export interface CraftWord {
	readonly word: string;
	readonly means: string;
}

const plain: readonly CraftWord[] = [
	{
		word: 'Ball',
		means: msg.strandWoundUpWithA()
	},
	{
		word: 'Band',
		means: msg.aStripOfMatWoven()
	},
	{
		word: 'Batch',
		means: msg.bagsCountedAndStackedTogether()
	},
	{ word: 'Beat', means: msg.toPushARowDown() },
	{
		word: 'Chain',
		means: msg.inCrochetLoopsDrawnOne()
	},
	{
		word: 'Crimp',
		means: msg.howMuchLongerAWeft()
	},
	{
		word: 'Gauge',
		means: msg.howManyStitchesAndRows()
	},
	{ word: 'Gusset', means: msg.theFoldInEachSide() },
	{
		word: msg.halfBag(),
		means: msg.aBagCutDownIts()
	},
	{
		word: 'Hook',
		means: msg.whatOneCrochetsWithIts()
	},
	{
		word: 'Joint',
		means: 'Where one piece is joined to the next: loop through loop, a knot, or slit in slit.'
	},
	{
		word: msg.loopJoint(),
		means: msg.oneRingThroughTheNext()
	},
	{ word: 'Panel', means: 'Part of a mat, where the frame is smaller than the mat.' },
	{ word: 'Peg', means: msg.whatAStrandOfWarp() },
	{ word: 'Pick', means: msg.onePassingOfTheWeft() },
	{
		word: 'Ply',
		means: msg.oneOfTheStripsThat()
	},
	{ word: 'Ring', means: msg.aBandWithoutAnEnd() },
	{
		word: 'Rod',
		means: msg.aStraightStickAlongThe()
	},
	{ word: 'Row', means: msg.oneTimeAcrossTheMat() },
	{ word: 'Scrap', means: msg.whatIsTrimmedOffOr() },
	{ word: 'Seat', means: msg.aPlaceAtTheTable() },
	{ word: 'Sett', means: msg.howCloseTheStrandsOf() },
	{ word: 'Spindle', means: msg.aStickWithAWeight() },
	{ word: 'Spiral', means: msg.aBagCutRoundAnd() },
	{ word: 'Spoiled', means: msg.filmThatToreOrWas() },
	{ word: 'Strip', means: msg.filmCutToAWidth() },
	{ word: 'Swatch', means: msg.aSmallPieceMadeAnd() },
	{ word: msg.tableDay(), means: msg.aDayOnWhichThe() },
	{ word: 'Tail', means: msg.theEndThatStandsOut() },
	{ word: 'Tally', means: msg.whatAPlanComesTo() },
	{ word: msg.turningChain(), means: msg.theChainsThatLiftThe() },
	{
		word: 'Twine',
		means: msg.toLeadAPairOf()
	},
	{ word: 'Warp', means: msg.theStrandsThatRunThe() },
	{ word: 'Weft', means: msg.theStrandThatGoesAcross() },
	{ word: msg.wholeTube(), means: msg.aBagWithItsBottom() },
	{ word: msg.workingStrand(), means: msg.theStrandBetweenTheHook() }
];

const stitchMeans = {
	sc: 'the shortest stitch: a dense mat',
	hdc: msg.theMiddleStitch(),
	dc: msg.theTallStitchQuickAnd()
} as const;

/** The stitches, by the names of both countries; the group's own first. */
const stitchWords = (own: StitchTerms): CraftWord[] =>
	(['sc', 'hdc', 'dc'] as const).map((stitch) => {
		const [first, second] = own === 'us' ? (['us', 'uk'] as const) : (['uk', 'us'] as const);
		const name = stitchName(stitch, first);
		return {
			word: name.charAt(0).toUpperCase() + name.slice(1),
			means: msg.asYourGroupSaysIt({
				toUpperCase: first.toUpperCase(),
				stitchMeans: stitchMeans[stitch],
				toUpperCase2: second.toUpperCase(),
				stitchName: stitchName(stitch, second)
			})
		};
	});

/** Every word of the craft, in the order of the alphabet, with the stitches as the group says them. */
export const glossaryOf = (own: StitchTerms): CraftWord[] =>
	[
		...plain,
		...Object.values(terms).map(({ word, means }) => ({ word, means })),
		...stitchWords(own)
	].toSorted((one, other) => one.word.localeCompare(other.word, 'en'));
