import { cutRelations } from '../cut/cut-relations';
import type { CutYield } from '../cut/yield';
import { pegLoomRelations } from '../techniques/peg-loom/peg-loom-relations';
import type { Mat } from '../techniques/technique';
import { workRelations } from './work-relations';

/** What one part of a mat takes from the bags. Bags are exact quotients. */
export interface MaterialUse {
	readonly role: 'body' | 'warp' | 'weft' | 'short-piece' | 'ties';
	readonly cut: CutYield;
	readonly strandMm: number;
	readonly bags: number;
	readonly joints: number;
	/** Whether it is wound into balls; a loom's warp is whole strands of known length. */
	readonly isBalled: boolean;
	/** Share of the drawn pieces' film that stays in the mat; less than one where a piece is shortened. */
	readonly keptShare: number;
}

/**
 * The sum of one value over many items.
 *
 * @example sumOf([{ bags: 2 }, { bags: 3.5 }], ({ bags }) => bags) // 5.5
 */
export function sumOf<Item>(items: readonly Item[], value: (item: Item) => number): number {
	let sum = 0;
	for (const item of items) sum += value(item);
	return sum;
}

/**
 * The draws of a mat and its ties. Every piece brings one joint, but the last of a warp strand,
 * which ends at its peg.
 *
 * @param pieceFactor what the group has measured of its pieces' length, as a multiplier
 * @example modelPlan(startingPlan, barePoint).draws.map(({ role }) => role) // ['body', 'ties']
 */
export function materialUsesOf(
	mat: Mat,
	cut: CutYield,
	weft: CutYield | null,
	tiesMm: number,
	pieceFactor: number
): MaterialUse[] {
	const draws: MaterialUse[] = [];
	if (mat.kind === 'peg-loom') {
		const { warpStrands, piecesPerStrand, shortPieceMm, fit, fitShare } = mat;
		const pieces = warpStrands * piecesPerStrand;
		draws.push({
			role: 'warp',
			cut,
			strandMm: mat.warpStrandMm,
			bags: pieces / cut.pieces,
			joints: workRelations.warpJoints(warpStrands, piecesPerStrand),
			isBalled: false,
			keptShare: fit === 'shorten-one' ? 1 / fitShare : 1
		});
		if (shortPieceMm > 0) {
			const shortMm = pegLoomRelations.shortStrandMm(warpStrands, shortPieceMm);
			const short = runOf('short-piece', cut, shortMm, pieceFactor);
			draws.push({ ...short, joints: warpStrands, isBalled: false });
		}
		draws.push(runOf('weft', weft ?? cut, mat.weftStrandMm, pieceFactor));
	} else if (mat.kind === 'twined' && mat.strandMm > mat.weftStrandMm) {
		draws.push({
			...runOf('warp', cut, mat.strandMm - mat.weftStrandMm, pieceFactor),
			isBalled: false
		});
		draws.push(runOf('weft', cut, mat.weftStrandMm, pieceFactor));
	} else {
		draws.push(runOf('body', cut, mat.strandMm, pieceFactor));
	}
	draws.push(runOf('ties', weft ?? cut, tiesMm, pieceFactor));
	return draws;
}

/** A draw that is one run of strand: every piece brings one joint. */
function runOf(
	role: MaterialUse['role'],
	cut: CutYield,
	strandMm: number,
	pieceFactor: number
): MaterialUse {
	const perBagMm = cutRelations.ownPieceMm(cut.strandPerBagMm, pieceFactor);
	const bags = workRelations.bagsFor(strandMm, perBagMm);
	const joints = workRelations.piecesJoined(bags, cut.pieces);
	return { role, cut, strandMm, bags, joints, isBalled: true, keptShare: 1 };
}
