import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import { hooks } from '../techniques/crochet/hooks';
import type { Stitch } from '../techniques/crochet/stitches';
import { stitches } from '../techniques/crochet/stitches';
import { cutLoops } from '../cut/cut-loops';
import { evenWidths } from '../cut/even-widths';
import type { Trims } from '../cut/types';
import { usableHeightMm } from '../cut/usable-height';
import { defaults } from '../defaults';
import { noFactors } from '../factors/factors';
import { ifInDomain, positive } from '../domain-error';

export interface StripAndHook {
	readonly equalStrips: number;
	readonly stripWidthMm: number;
	readonly hookMm: number;
	readonly cover: number;
	/** How thick the mat lies, mm. */
	readonly thicknessMm: number;
}

/**
 * The largest hook that still gives a cover: `K = y d / (sw rh)` solved for the effective size and
 * that for the hook. Below 0 where no hook does.
 *
 * @throws DomainError where cover or diameter is not above 0
 * @example hookForCoverMm(1.2, 3.2, 'sc') // 12.998
 */
export function hookForCoverMm(cover: number, bulkDiameterMm: number, stitch: Stitch): number {
	const { strand, rowHeight } = stitches[stitch];
	const sizeMm =
		(strand * positive('bulkDiameterMm', bulkDiameterMm)) / (rowHeight * positive('cover', cover));
	const ofStrandMm = defaults.strandShare.value * defaults.strandSizes.value * bulkDiameterMm;
	return (sizeMm - ofStrandMm) / defaults.hookShare.value;
}

/**
 * Solid section of a strand of so much bulk diameter worked tight, mm²: the relation turned round.
 *
 * @example sectionForDiameterMm2(3.2) // 1.6085
 */
export const sectionForDiameterMm2 = (bulkDiameterMm: number): number =>
	(Math.PI * defaults.packingWorked.value * positive('bulkDiameterMm', bulkDiameterMm) ** 2) / 4;

/**
 * The strip width whose ring gives a crocheted mat of a thickness, mm. @throws DomainError
 *
 * @example stripForThicknessMm(bagPresets[0].bag, 8) // 95.573
 */
export function stripForThicknessMm(bag: Bag, thicknessMm: number): number {
	const diameterMm = positive('thicknessMm', thicknessMm) / defaults.matThicknessCrochet.value;
	return sectionForDiameterMm2(diameterMm) / (2 * measureBag(bag).filmThicknessMm);
}

/**
 * Equal rings of a bag, each with the largest hook in common use that still gives the wanted cover;
 * the widest strip first. A strip that would need a hook far smaller than it suits is left out.
 *
 * @throws DomainError
 * @example stripsForCover(bagPresets[0].bag, { trimBottomMm: 50, trimTopMm: 50 }, 'sc', 1.2).length // 23
 */
export function stripsForCover(
	bag: Bag,
	trims: Trims,
	stitch: Stitch,
	cover: number
): StripAndHook[] {
	const usableMm = usableHeightMm(bag, trims);
	const offered = (strips: number, widthMm: number): StripAndHook | null => {
		const cut = cutLoops(bag, { style: 'loops', ...trims, equalStrips: strips });
		const d = cut.bulkDiameterMm;
		const mostMm = hookForCoverMm(cover, d, stitch);
		const hookMm = hooks.map(({ mm }) => mm as number).findLast((mm) => mm <= mostMm + 1e-9);
		const tooTight = defaults.hookNear.value * d * (1 - defaults.hookTolerance.value);
		if (hookMm === undefined || hookMm < tooTight) return null;
		const mat = crochetMat(
			{ widthMm: 1000, lengthMm: 1000 },
			{ kind: 'crochet', stitch, hookMm },
			d,
			noFactors
		);
		return {
			equalStrips: strips,
			stripWidthMm: widthMm,
			hookMm,
			cover: mat.cover,
			thicknessMm: mat.thicknessMm
		};
	};
	return evenWidths(usableMm, 12, usableMm).flatMap(
		({ strips, widthMm }) => ifInDomain(() => offered(strips, widthMm)) ?? []
	);
}
