import { finishingQuestions as say } from '$lib/words/plan';
import { wholeNumber } from '$lib/ui/number-words';
import { chooseStyle } from '../choices';
import { bagsOf } from './ways';
import type { Question, Show, Ways } from './ways';

/** On ties, handles, warps and colours. */
export function finishingQuestions({
	technique,
	system,
	now,
	school,
	custom,
	strand,
	mass
}: Ways): Question[] {
	const tying: Show = (model) => [
		say.ofStrand({ strand: strand(model.tieStrandMm) }),
		say.bags({ count: wholeNumber(Math.ceil(model.tieBags)) })
	];

	return [
		{
			question: say.howTiesAreMade(),
			note: say.chainsAreQuickForWhoever(),
			schools: [
				school(say.chainAndStrap(), { ties: 'chain', strap: 'yes' }, tying),
				school(say.braidAndStrap(), { ties: 'braid', strap: 'yes' }, tying),
				school(say.chainNoStrap(), { ties: 'chain', strap: '' }, tying),
				school('none', { ties: 'none' }, tying)
			]
		},
		{
			question: say.handlesOfWholeTubes(),
			note: say.keptHandlesWasteNothingAnd(),
			schools: (['cut', 'kept'] as const).map((handlesAre) =>
				school(
					handlesAre,
					{
						...technique('finger-bands'),
						...chooseStyle('', 'whole-tube', system),
						handles: handlesAre
					},
					(model) => [bagsOf(model), say.ofScrap({ mass: mass(model.mass.scrapG) })]
				)
			)
		},
		{
			question: say.warpOfAFrame(),
			note: say.filmCostsNothingClothHolds(),
			schools: (['film', 'cloth'] as const).map((warp) =>
				school(warp, { ...technique('twined'), warp }, (model) => [
					bagsOf(model),
					model.mat.kind === 'twined' && model.mat.clothM > 0
						? say.ofClothToFind({ strand: strand(model.mat.clothM * 1000) })
						: say.noCloth()
				])
			)
		},
		{
			question: say.colours(),
			note: say.oneColourReadsCalmSorted(),
			schools: [
				custom(say.oneColour(), [say.whatTheStoreHasMost()], { colours: 'white' }),
				custom(
					say.sortedStripes(),
					[say.ballsToSort({ ceil: wholeNumber(Math.ceil(now.balls)) })],
					{
						colours: 'blue white grey white'
					}
				),
				custom(say.neverTheSameTwice(), [say.anyBallButNotIts()], {
					colours: 'white blue grey green yellow black clear red'
				}),
				custom(say.noise(), [say.anyPieceAsItComes()], { colours: 'mixed' }),
				custom(say.printsAsPattern(), [say.printsGoOnPlainOnes()], {
					colours: 'white mixed white mixed'
				})
			]
		}
	];
}
