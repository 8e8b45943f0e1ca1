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
		word: msg.ball(),
		means: msg.strandWoundUpWithA()
	},
	{
		word: msg.band(),
		means: msg.aStripOfMatWoven()
	},
	{
		word: msg.batch(),
		means: msg.bagsCountedAndStackedTogether()
	},
	{ word: msg.beat(), means: msg.toPushARowDown() },
	{
		word: msg.chain(),
		means: msg.inCrochetLoopsDrawnOne()
	},
	{
		word: msg.crimp(),
		means: msg.howMuchLongerAWeft()
	},
	{
		word: msg.gauge(),
		means: msg.howManyStitchesAndRows()
	},
	{ word: msg.gusset(), means: msg.theFoldInEachSide() },
	{
		word: msg.halfBag(),
		means: msg.aBagCutDownIts()
	},
	{
		word: msg.hook(),
		means: msg.theToolForCrochetIts()
	},
	{
		word: msg.joint(),
		means: msg.whereOnePieceIsJoined()
	},
	{
		word: msg.loopJoint(),
		means: msg.oneRingThroughTheNext()
	},
	{ word: msg.panel(), means: msg.partOfAMatWhere() },
	{ word: msg.peg(), means: msg.whatAStrandOfWarp() },
	{ word: msg.pick(), means: msg.onePassingOfTheWeft() },
	{
		word: msg.ply(),
		means: msg.oneOfTheStripsThat()
	},
	{ word: msg.ring(), means: msg.aBandWithoutAnEnd() },
	{
		word: msg.rod(),
		means: msg.aStraightStickAlongThe()
	},
	{ word: msg.row(), means: msg.oneTimeAcrossTheMat() },
	{ word: msg.scrap(), means: msg.whatIsTrimmedOffOr() },
	{ word: msg.seat(), means: msg.aPlaceAtTheTable() },
	{ word: msg.sett(), means: msg.howCloseTheStrandsOf() },
	{ word: msg.spindle(), means: msg.aStickWithAWeight() },
	{ word: msg.spiral(), means: msg.aBagCutRoundAnd() },
	{ word: msg.spoiled(), means: msg.filmThatToreOrWas() },
	{ word: msg.strip(), means: msg.plasticCutToAWidth() },
	{ word: msg.swatch(), means: msg.aSmallPieceMadeAnd() },
	{ word: msg.tableDay(), means: msg.aDayOnWhichThe() },
	{ word: msg.tail(), means: msg.theEndThatStandsOut() },
	{ word: msg.tally(), means: msg.theResultsOfAPlan() },
	{ word: msg.turningChain(), means: msg.theChainsThatLiftThe() },
	{
		word: msg.twine(),
		means: msg.toLeadAPairOf()
	},
	{ word: msg.warp(), means: msg.theStrandsThatRunThe() },
	{ word: msg.weft(), means: msg.theStrandThatGoesAcross() },
	{ word: msg.wholeTube(), means: msg.aBagWithItsBottom() },
	{ word: msg.workingYarn(), means: msg.theStrandBetweenTheHook() }
];

const stitchMeans = {
	sc: msg.theShortestStitch(),
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
