import { piecesOf } from '../../cut/pieces-of';
import type { CutYield } from '../../cut/yield';
import { defaults } from '../../defaults';
import { positive, within } from '../../domain-error';
import { atLeastWhole, wholeIn } from '../../factors/rounding';
import { twinedRelations as relations } from './twined-relations';

export interface EndToEnd {
	/** Panels that follow each other along the sleeper, each as long as its frame. */
	readonly panels: number;
	readonly seams: number;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** How much longer than wanted, mm. */
	readonly overMm: number;
	/** One panel fewer still reaches the least length, mm of it; null where it does not, or where little is over. */
	readonly fewerLengthMm: number | null;
	/** Cloth strip round the nails of one panel, tails with it, and lacing of all seams, mm. */
	readonly warpPerPanelMm: number;
	readonly lacingMm: number;
	/** Cloth off the bolt, m. */
	readonly clothM: number;
	readonly rowsPerPanel: number;
	readonly rowPitchMm: number;
	readonly weftMm: number;
	readonly bags: number;
	readonly cover: number;
}

/** What may be typed of panels that are laced end to end. */
export const endToEndLimits = {
	nails: { atLeast: 2, atMost: 200, isWhole: true },
	frameLengthMm: { atLeast: 300, atMost: 3000 },
	panels: { atLeast: 1, atMost: 6, isWhole: true },
	clothWidthMm: { atLeast: 100, atMost: 5000 }
} as const;

/**
 * Panels of a small nail frame laced end to end: the frame makes the width, panels follow each other
 * along the sleeper, round them a warp of cloth, for film tears at the nails where loops are pulled.
 *
 * @param leastLengthMm the shortest mat that is still good
 * @throws DomainError
 * @source bench default
 * @example endToEnd({ nails: 38, pitchMm: 20, lengthMm: 640 }, 1900, 1100, cutBag(bagPresets[1].bag, { style: 'loops', equalStrips: 8, trimBottomMm: 50, trimTopMm: 50 })).panels // 3
 */
export function endToEnd(
	frame: { readonly nails: number; readonly pitchMm: number; readonly lengthMm: number },
	targetLengthMm: number,
	clothWidthMm: number,
	cut: CutYield,
	leastLengthMm: number = defaults.sleeperHeight.value
): EndToEnd {
	const nails = within('frame.nails', frame.nails, endToEndLimits.nails);
	const frameMm = within('frame.lengthMm', frame.lengthMm, endToEndLimits.frameLengthMm);
	within('clothWidthMm', clothWidthMm, endToEndLimits.clothWidthMm);
	const panels = within(
		'panels',
		Math.max(1, atLeastWhole(positive('targetLengthMm', targetLengthMm) / frameMm)),
		endToEndLimits.panels
	);
	const widthMm = relations.ownedWidthMm(nails, positive('frame.pitchMm', frame.pitchMm));
	const seams = panels - 1;
	const warpPerPanelMm = relations.warpMm(nails, frameMm) + defaults.panelWarpTails.value;
	const lacingMm = seams * (defaults.lacingWidths.value * widthMm + defaults.lacingTails.value);
	const rowPitchMm = relations.rowPitchMm(cut.bulkDiameterMm, 1);
	const rowsPerPanel = Math.max(1, wholeIn(frameMm / rowPitchMm));
	const weftMm = relations.weftStrandMm(
		panels * rowsPerPanel,
		relations.strandPerRowMm(widthMm, 1)
	);
	const overMm = panels * frameMm - targetLengthMm;
	const fewerMm = seams * frameMm;
	const isOffered = overMm >= defaults.panelOver.value && seams > 0 && fewerMm >= leastLengthMm;
	return {
		panels,
		seams,
		widthMm,
		lengthMm: panels * frameMm,
		overMm,
		fewerLengthMm: isOffered ? fewerMm : null,
		warpPerPanelMm,
		lacingMm,
		clothM: relations.clothM(panels * warpPerPanelMm + lacingMm, clothWidthMm),
		rowsPerPanel,
		rowPitchMm,
		weftMm,
		bags: piecesOf(weftMm, cut).bags,
		cover: relations.cover(cut.bulkDiameterMm, rowPitchMm)
	};
}
