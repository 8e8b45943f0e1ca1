import type { Bag } from '../bag/measure-bag';
import { hooks, suitableHookMm } from '../techniques/crochet/hooks';
import { cutBag } from '../cut/cut-bag';
import type { Cut, Trims } from '../cut/types';
import type { CutYield } from '../cut/yield';
import { defaults } from '../defaults';
import { ifInDomain } from '../domain-error';
import { measureBag } from '../bag/measure-bag';
import type { Technique } from '../techniques/technique';
import { packings } from '../techniques/peg-loom/peg-loom-mat';

/** A cut and a technique to compare; bag, target and everything else stay as they are. */
export interface Method {
	readonly cut: Cut;
	readonly technique: Technique;
}

const trimSchools: readonly Trims[] = [defaults.generousTrim.value, defaults.closeTrim.value].map(
	(mm) => ({ trimBottomMm: mm, trimTopMm: mm })
);

/**
 * Every cut worth trying on a bag: equal rings, measured widths by steps, spirals, halves, tubes.
 *
 * @example sensibleCuts(bagPresets[0].bag, 20).length // 84
 */
export function sensibleCuts(bag: Bag, stepMm: number): Cut[] {
	const cuts: Cut[] = [{ style: 'half-bag' }];
	for (const trims of trimSchools) {
		const usableMm = bag.bodyMm - trims.trimBottomMm - trims.trimTopMm;
		if (usableMm < 20) continue;
		cuts.push({ style: 'whole-tube', ...trims, handles: 'cut' });
		for (let equalStrips = 2; usableMm / equalStrips >= 10; equalStrips++) {
			cuts.push({ style: 'loops', ...trims, equalStrips });
		}
		for (let widthMm = 12; widthMm <= Math.min(110, usableMm / 2); widthMm += stepMm) {
			cuts.push({ style: 'loops', ...trims, stripWidthMm: widthMm });
			if (widthMm >= defaults.spiralLeastWidth.value)
				cuts.push({ style: 'spiral', ...trims, stripWidthMm: widthMm });
		}
	}
	cuts.push({ style: 'whole-tube', trimBottomMm: 12, trimTopMm: 0, handles: 'kept' });
	return cuts;
}

/** Hooks to try: none that cramps the fingers, and of two sizes that hands can hardly tell apart one. */
const tried = hooks.reduce<number[]>((sizes, { mm }) => {
	if (mm >= Math.max(defaults.crampHook.value, (sizes.at(-1) ?? 0) * 1.07)) sizes.push(mm);
	return sizes;
}, []);

/** The ways to work a strand; a hook is tried from a little small to a little large for it. */
function techniquesFor(cut: Cut, given: CutYield, wefts: readonly Cut[]): Technique[] {
	const techniques: Technique[] = [];
	const { near, far } = suitableHookMm(given.bulkDiameterMm);
	for (const hookMm of tried) {
		if (hookMm < near * 0.75 || hookMm > far * 1.25) continue;
		for (const stitch of ['sc', 'hdc', 'dc'] as const) {
			for (const direction of ['across', 'lengthwise'] as const)
				techniques.push({ kind: 'crochet', stitch, hookMm, direction });
		}
	}
	for (const factor of [2.5, 3.25, 4]) {
		const pitchMm = Math.round(given.bulkDiameterMm * factor);
		if (pitchMm >= 5 && pitchMm <= 60) techniques.push({ kind: 'twined', pitchMm });
	}
	if (cut.style === 'whole-tube') {
		for (const warpStrands of [3, 4]) techniques.push({ kind: 'finger-bands', warpStrands });
	}
	if (cut.style === 'whole-tube' || cut.style === 'half-bag') {
		for (const weftCut of wefts) {
			for (const packing of packings) {
				// Strand that is thicker than the pegs are apart does not lie beside itself.
				for (const pitchMm of [18, 22, 25, 30].filter((mm) => mm >= given.bulkDiameterMm))
					techniques.push({ kind: 'peg-loom', pitchMm, packing, weftCut });
			}
		}
	}
	return techniques;
}

/**
 * All sensible methods for a bag: every cut with every technique that suits its strand.
 *
 * @param stepMm between measured strip widths, above 0; 2 mm gives several thousand methods
 * @throws DomainError where the bag's measures are out of their domain
 * @example sweepMethods(bagPresets[0].bag, 20).length // 3249
 */
export function sweepMethods(bag: Bag, stepMm = 2): Method[] {
	const measures = measureBag(bag);
	const cuts = sensibleCuts(bag, stepMm);
	const wefts = cuts.filter(
		(cut) => cut.style === 'loops' && cut.equalStrips !== undefined && cut.equalStrips <= 8
	);
	return cuts.flatMap(
		(cut) =>
			// A ring lost in its own knot is no method.
			ifInDomain(() =>
				techniquesFor(cut, cutBag(bag, cut, measures), wefts).map((technique) => ({
					cut,
					technique
				}))
			) ?? []
	);
}
