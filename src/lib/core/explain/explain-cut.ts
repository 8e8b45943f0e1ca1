import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { trimsOf, type Cut } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import type { Join } from '../joint/joints';
import { joints } from '../joint/joints';
import { usualJoint } from '../cut/joint-for-cut';
import { bulkDiameterMm } from '../strand/bulk-diameter';
import { cutRelations } from '../cut/cut-relations';
import { pliesOf } from '../cut/spin';
import type { Step } from './trail';
import { written } from './written';

/**
 * From ruler and scale to circumference and film.
 *
 * @example explainBag(bagPresets[0].bag).map(({ symbol }) => symbol) // ['W', 'g', 'B', 'H', 'm', 'ρ', 'C', 'A', 't']
 */
export function explainBag(bag: Bag): Step[] {
	const { circumferenceMm, filmAreaMm2, filmThicknessMm } = measureBag(bag);
	return [
		given('W', 'flatWidth', bag.flatWidthMm, 'mm'),
		given('g', 'gusset', bag.gussetMm, 'mm'),
		given('B', 'body', bag.bodyMm, 'mm'),
		given('H', 'handles', bag.handleMm, 'mm'),
		given('m', 'massOfOneBag', bag.massG, 'g'),
		given('ρ', 'densityOfTheFilm', defaults.filmDensity.value, 'g/mm³'),
		derived('C', 'allTheWayRound', circumferenceMm, 'mm', written.bag.circumferenceMm('W', 'g')),
		derived('A', 'filmInTheBag', filmAreaMm2, 'mm²', written.bag.filmAreaMm2('C', 'B', 'H')),
		derived(
			't',
			'thicknessOfTheFilm',
			filmThicknessMm,
			'mm',
			written.bag.filmThicknessMm('m', 'ρ', 'A')
		)
	];
}

/**
 * A step that follows from steps before it.
 *
 * @example derived('a', 'area', 4, 'mm²', 'w * w') // { symbol: 'a', name: 'area', value: 4, unit: 'mm²', relation: 'w * w' }
 */
export const derived = (
	symbol: string,
	name: string,
	value: number,
	unit: Step['unit'],
	relation: string
): Step => ({ symbol, name, value, unit, relation });

/**
 * A step that was typed or is the craft’s own.
 *
 * @example given('w', 'width', 2, 'mm') // { symbol: 'w', name: 'width', value: 2, unit: 'mm', relation: null }
 */
export const given = (symbol: string, name: string, value: number, unit: Step['unit']): Step => ({
	symbol,
	name,
	value,
	unit,
	relation: null
});

/**
 * From the bag to its strand. Symbols carry the suffix, so that warp and weft can stand in one trail.
 *
 * @param suffix such as `_weft`; empty for a plan's own cut
 * @param pieceFactor what the group has measured of its pieces' length; 1 leaves no step
 * @example explainCut(bagPresets[0].bag, startingPlan.cut, cutBag(bagPresets[0].bag, startingPlan.cut), '', undefined, 1).at(-1)?.symbol // 'L_bag'
 */
export function explainCut(
	bag: Bag,
	cut: Cut,
	laid: CutYield,
	suffix = '',
	join?: Join,
	pieceFactor = 1
): Step[] {
	const s = (name: string) => `${name}${suffix}`;
	const { trimBottomMm, trimTopMm } = trimsOf(cut);
	const joint = joints[join?.kind ?? usualJoint(cut.style)];
	const spin = join?.spin ?? 'none';
	const isSpun = spin !== 'none';
	const share = isSpun ? cutRelations.spunShare(pliesOf(spin)) : 1;
	const sectionAtRest = laid.solidSectionMm2 * share;
	const pieceAtRest = laid.pieceLengthMm / share;
	const packing = defaults.packingWorked.value;
	const steps: Step[] = [];

	if (cut.style === 'half-bag') {
		const reach = cutRelations.halfBagReachMm(bag.bodyMm, bag.handleMm);
		steps.push(
			derived(s('L0'), 'reachOfAHalf', reach, 'mm', written.cut.halfBagReachMm('B', 'H')),
			derived(
				s('S'),
				'plasticInTheSection',
				sectionAtRest,
				'mm²',
				written.cut.halfBagSectionMm2('m', 'ρ', s('L0'))
			)
		);
	} else {
		const isKept = cut.style === 'whole-tube' && cut.handles === 'kept';
		steps.push(
			given(s('trim_bottom'), 'trimmedOffTheBottom', trimBottomMm, 'mm'),
			...(isKept
				? []
				: [
						given(s('trim_top'), 'trimmedBelowTheHandles', trimTopMm, 'mm'),
						derived(
							s('U'),
							'usableHeight',
							cutRelations.usableHeightMm(bag.bodyMm, trimBottomMm, trimTopMm),
							'mm',
							written.cut.usableHeightMm('B', s('trim_bottom'), s('trim_top'))
						)
					]),
			...stripSteps(cut, laid, suffix),
			derived(
				s('S'),
				'plasticInTheSection',
				sectionAtRest,
				'mm²',
				written.cut.sectionMm2(laid.plies, s('w'), 't')
			)
		);
	}
	if (cut.style !== 'spiral') {
		steps.push(
			derived(
				s('d_worked'),
				'strandWorkedTight',
				bulkDiameterMm(sectionAtRest, packing),
				'mm',
				written.strand.bulkDiameterMm(s('S'), packing)
			)
		);
	}
	const takeUp = written.joint.takeUpMm(joint.takeUpDiameters, s('d_worked'), joint.takeUpMm);
	const length = {
		spiral: () => written.cut.spiralPieceMm(written.cut.spiralRunMm(s('n'), 'C', s('w'))),
		'half-bag': () => written.cut.halfBagPieceMm(s('L0'), takeUp),
		loops: () => written.cut.ringPieceMm('C', takeUp),
		'whole-tube': () => written.cut.ringPieceMm('C', takeUp)
	}[cut.style]();
	steps.push(derived(s('L_cut'), 'strandOnePieceAdds', pieceAtRest, 'mm', length));
	steps.push(...spunSteps(laid, suffix, isSpun, share));
	const piece = isSpun ? s('L_spun') : s('L_cut');
	if (pieceFactor !== 1)
		steps.push(given(s('k_piece'), 'ourOwnPiecesOverTheCrafts', pieceFactor, ''));
	steps.push(
		derived(
			s('L'),
			'strandAPieceAddsAtOurTable',
			cutRelations.ownPieceMm(laid.pieceLengthMm, pieceFactor),
			'mm',
			written.cut.ownPieceMm(piece, pieceFactor === 1 ? 1 : s('k_piece'))
		),
		derived(
			s('L_bag'),
			'strandOneBagAdds',
			cutRelations.ownPieceMm(laid.strandPerBagMm, pieceFactor),
			'mm',
			written.cut.strandPerBagMm(cut.style === 'spiral' ? 1 : s('n'), s('L'))
		)
	);
	return steps;
}

function stripSteps(cut: Cut, laid: CutYield, suffix: string): Step[] {
	const s = (name: string) => `${name}${suffix}`;
	const count = (relation: string) =>
		derived(s('n'), 'piecesABag', laid.pieces, 'pieces', relation);
	switch (cut.style) {
		case 'loops':
			return cut.equalStrips === undefined
				? [
						given(s('w'), 'stripWidth', laid.stripWidthMm, 'mm'),
						count(written.cut.countedStrips(s('U'), s('w')))
					]
				: [
						given(s('n'), 'piecesABag', laid.pieces, 'pieces'),
						derived(
							s('w'),
							'stripWidth',
							laid.stripWidthMm,
							'mm',
							written.cut.evenWidthMm(s('U'), s('n'))
						)
					];
		case 'spiral':
			return [
				given(s('w'), 'stripWidth', laid.stripWidthMm, 'mm'),
				derived(s('n'), 'turns', laid.turns ?? 0, '', written.cut.turns(s('U'), s('w')))
			];
		case 'whole-tube': {
			const kept = written.cut.keptTubeWidthMm('B', s('trim_bottom'), 'H');
			return [
				given(s('n'), 'piecesABag', laid.pieces, 'pieces'),
				derived(
					s('w'),
					'widthOfTheRing',
					laid.stripWidthMm,
					'mm',
					cut.handles === 'kept' ? kept : s('U')
				)
			];
		}
		case 'half-bag':
			return [];
	}
}

function spunSteps(laid: CutYield, suffix: string, isSpun: boolean, share: number): Step[] {
	const s = (name: string) => `${name}${suffix}`;
	const halves = laid.style === 'half-bag' ? [given(s('n'), 'piecesABag', 2, 'pieces')] : [];
	const diameter = (section: string) =>
		derived(
			s('d'),
			'strandAsTheHandFeelsIt',
			laid.bulkDiameterMm,
			'mm',
			written.strand.bulkDiameterMm(section, laid.packing)
		);
	if (!isSpun) return [...halves, diameter(s('S'))];
	return [
		...halves,
		given(s('k_spun'), 'lengthLeftWhenSpun', share, ''),
		derived(
			s('L_spun'),
			'spunStrandOnePieceAdds',
			laid.pieceLengthMm,
			'mm',
			written.cut.spunPieceMm(s('L_cut'), s('k_spun'))
		),
		derived(
			s('S_spun'),
			'plasticInTheSpunSection',
			laid.solidSectionMm2,
			'mm²',
			written.cut.spunSectionMm2(s('S'), s('k_spun'))
		),
		diameter(s('S_spun'))
	];
}
