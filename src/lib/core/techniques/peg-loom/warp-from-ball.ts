import { piecesOf } from '../../cut/pieces-of';
import type { CutYield } from '../../cut/yield';
import { defaults } from '../../defaults';
import { positive, within } from '../../domain-error';
import { atLeastWhole, wholeIn } from '../../factors/rounding';
import { bulkDiameterMm } from '../../strand/bulk-diameter';
import type { WeftPacking } from './peg-loom-mat';
import { pitchPerDiameter } from './peg-loom-mat';
import { pegLoomRelations as relations } from './peg-loom-relations';

/** A loom whose warp runs from a ball round peg after peg, without being cut. */
export interface BallFedLoom {
	readonly pegs: number;
	readonly pitchMm: number;
	readonly pegToPegMm: number;
	readonly bagsPerBall: number;
	/** The outermost pegs wound twice; they are if not said. */
	readonly doubleEdges?: boolean | undefined;
	/** How firmly each row is beaten; firm if not said. */
	readonly packing?: WeftPacking | undefined;
	/** Clear gap at both ends, mm; 25 if not given. */
	readonly endGapMm?: number | undefined;
}

export interface BallFedWarp {
	/** Runs from peg to peg; two of them, a hairpin, are woven as one strand. */
	readonly legs: number;
	readonly warpMm: number;
	readonly warpPieces: number;
	readonly warpBags: number;
	/** Balls to fetch before the first peg. */
	readonly balls: number;
	/** Joints expected within 75 mm of a peg, each to be moved. */
	readonly jointsAtPegs: number;
	/** Bulk diameter of a hairpin, mm. */
	readonly warpDiameterMm: number;
	/** The weft cannot get down between the pegs: whole loops of half the bag give the same film a peg. */
	readonly isTooThick: boolean;
	readonly widthMm: number;
	readonly rows: number;
	readonly rowPitchMm: number;
	readonly lengthMm: number;
	readonly weftMm: number;
	readonly weftBags: number;
	readonly cover: number;
}

/** What may be typed of such a loom. */
export const ballFedLimits = {
	pegs: { atLeast: 2, atMost: 200, isWhole: true },
	bagsPerBall: { atLeast: 1, atMost: 500, isWhole: true }
} as const;

/**
 * A peg loom whose warp is fed from a ball: `Λ = E Lp + (P − 1) p + 300`, each peg holding a hairpin of
 * two legs that are woven as one strand.
 *
 * @param warp what a bag gives cut for warp
 * @param weft what a bag gives cut for weft
 * @throws DomainError
 * @source bench default
 * @example warpFromBall({ pegs: 28, pitchMm: 25.4, pegToPegMm: 1930, bagsPerBall: 140 }, cutBag(bagPresets[0].bag, { style: 'whole-tube', trimBottomMm: 50, trimTopMm: 50 }), cutBag(bagPresets[0].bag, startingPlan.cut)).warpMm // 116785.8
 */
export function warpFromBall(loom: BallFedLoom, warp: CutYield, weft: CutYield): BallFedWarp {
	const pegs = within('pegs', loom.pegs, ballFedLimits.pegs);
	const bagsPerBall = within('bagsPerBall', loom.bagsPerBall, ballFedLimits.bagsPerBall);
	const pitchMm = positive('pitchMm', loom.pitchMm);
	const endGapMm = within('endGapMm', loom.endGapMm ?? defaults.pegEndGap.value, { atLeast: 0 });
	const pegToPegMm = within('pegToPegMm', loom.pegToPegMm, { moreThan: 2 * endGapMm });
	const legs = 2 * pegs + (loom.doubleEdges === false ? 0 : 4);
	const warpMm = legs * pegToPegMm + (pegs - 1) * pitchMm + defaults.warpTails.value;
	const { pieces: warpPieces, bags: warpBags } = piecesOf(warpMm, warp);
	const dWarp = bulkDiameterMm(2 * warp.solidSectionMm2, warp.packing);
	const dWeft = weft.bulkDiameterMm;
	const widthMm = relations.widthMm(pegs, pitchMm, dWarp);
	const rowPitchMm = relations.rowPitchMm(dWeft, pitchPerDiameter[loom.packing ?? 'firm'], 1);
	const rows = wholeIn(relations.wovenMm(pegToPegMm, endGapMm) / rowPitchMm);
	const crimp = relations.crimp(dWarp, dWeft, pitchMm);
	const weftMm = relations.weftStrandMm(rows, relations.strandPerRowMm(widthMm, crimp, dWarp));
	return {
		legs,
		warpMm,
		warpPieces,
		warpBags,
		balls: atLeastWhole(warpBags / bagsPerBall),
		jointsAtPegs: ((warpPieces - 1) * 2 * defaults.knotFreeEnd.value) / pegToPegMm,
		warpDiameterMm: dWarp,
		isTooThick: dWarp > defaults.thickWarp.value * pitchMm,
		widthMm,
		rows,
		rowPitchMm,
		lengthMm: rows * rowPitchMm,
		weftMm,
		weftBags: piecesOf(weftMm, weft).bags,
		cover: relations.cover(dWeft, rowPitchMm)
	};
}

/** A joint of the warp that falls too near a peg. */
export interface JointAtPeg {
	/** Which joint along the warp, from 1. */
	readonly joint: number;
	/** Which run from end to end it lies in, from 1; a joint between two pegs of one end is in the run that comes. */
	readonly leg: number;
	/** How much to shorten the piece before it, so that it lies 75 mm short of the peg, mm. */
	readonly shortenMm: number;
}

/** Where each run from end to end begins and ends along the warp, mm from the first peg. */
function runsOf({ pegs, pitchMm, pegToPegMm, doubleEdges }: BallFedLoom): [number, number][] {
	const runs: [number, number][] = [];
	let at = 0;
	for (let peg = 0; peg < pegs; peg++) {
		const isTwice = doubleEdges !== false && (peg === 0 || peg === pegs - 1);
		for (let leg = 0; leg < (isTwice ? 4 : 2); leg++) {
			runs.push([at, at + pegToPegMm]);
			at += pegToPegMm;
		}
		at += pitchMm;
	}
	return runs;
}

/**
 * The joints of a warp fed from a ball that fall within 75 mm of a peg: the k-th lies at k pieces along
 * the strand, less the first tail. What moves one moves all after it, so each is told after the one
 * before it was moved.
 *
 * @param pieceMm strand one piece adds, above 0
 * @throws DomainError
 * @example jointsAtPegs({ pegs: 2, pitchMm: 25, pegToPegMm: 1900, bagsPerBall: 20, doubleEdges: false }, 420) // [{ joint: 5, leg: 1, shortenMm: 125 }]
 */
export function jointsAtPegs(loom: BallFedLoom, pieceMm: number): JointAtPeg[] {
	within('pegs', loom.pegs, ballFedLimits.pegs);
	positive('pitchMm', loom.pitchMm);
	positive('pegToPegMm', loom.pegToPegMm);
	positive('pieceMm', pieceMm);
	const clear = defaults.knotFreeEnd.value;
	const runs = runsOf(loom);
	const found: JointAtPeg[] = [];
	let at = -defaults.warpTails.value / 2;
	let run = 0;
	for (let joint = 1; run < runs.length; joint++) {
		at += pieceMm;
		while (run < runs.length && at > (runs[run]?.[1] ?? 0) + clear) run++;
		const [from, to] = runs[run] ?? [Infinity, Infinity];
		// At the far peg of this run, or at the near one, which is the end of the run before.
		const peg = at > to - clear ? to : at < from + clear ? (runs[run - 1]?.[1] ?? from) : null;
		if (at <= 0 || peg === null || run >= runs.length) continue;
		const shortenMm = Math.min(at - (peg - clear), pieceMm / 2);
		found.push({ joint, leg: run + 1, shortenMm });
		at -= shortenMm;
	}
	return found;
}
