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
		`${strand(model.tieStrandMm)} of strand`,
		`${wholeNumber(Math.ceil(model.tieBags))} bags`
	];

	return [
		{
			question: 'How ties are made',
			note: 'Chains are quick for whoever has the hook in hand; braids take less strand and no hook. Some send none: a strip around the roll does.',
			schools: [
				school('chain and strap', { ties: 'chain', strap: 'yes' }, tying),
				school('braid and strap', { ties: 'braid', strap: 'yes' }, tying),
				school('chain, no strap', { ties: 'chain', strap: '' }, tying),
				school('none', { ties: 'none' }, tying)
			]
		},
		{
			question: 'Handles of whole tubes',
			note: 'Kept handles waste nothing and make a bulkier strand; cut ones lie flatter.',
			schools: (['cut', 'kept'] as const).map((handlesAre) =>
				school(
					handlesAre,
					{
						...technique('finger-bands'),
						...chooseStyle('', 'whole-tube', system),
						handles: handlesAre
					},
					(model) => [bagsOf(model), `${mass(model.mass.scrapG)} of scrap`]
				)
			)
		},
		{
			question: 'Warp of a frame',
			note: 'Film costs nothing; cloth holds better where panels are joined.',
			schools: (['film', 'cloth'] as const).map((warp) =>
				school(warp, { ...technique('twined'), warp }, (model) => [
					bagsOf(model),
					model.mat.kind === 'twined' && model.mat.clothM > 0
						? `${strand(model.mat.clothM * 1000)} of cloth to find`
						: 'no cloth'
				])
			)
		},
		{
			question: 'Colours',
			note: 'One colour reads calm, sorted stripes look chosen, and never the same twice uses whatever came.',
			schools: [
				custom('one colour', ['what the store has most of'], { colours: 'white' }),
				custom('sorted stripes', [`${wholeNumber(Math.ceil(now.balls))} balls to sort`], {
					colours: 'blue white grey white'
				}),
				custom('never the same twice', ['any ball, but not its own colour next'], {
					colours: 'white blue grey green yellow black clear red'
				})
			]
		}
	];
}
