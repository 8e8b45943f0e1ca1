import type { Bag } from '../bag/measure-bag';
import { measureBag } from '../bag/measure-bag';
import { defaults } from '../defaults';
import { within } from '../domain-error';
import { bulkDiameterMm } from './bulk-diameter';

/** What is cut off below and above, mm. */
interface Trims {
	readonly trimBottomMm: number;
	readonly trimTopMm: number;
}

/** What is cut off a bag and can still be joined. */
export const scrapSorts = ['wholeHandles', 'tornHandles', 'bottoms', 'tops'] as const;
export type ScrapSort = (typeof scrapSorts)[number];

/** One piece of a sort. */
export interface ScrapPiece {
	/** Pieces a bag gives. */
	readonly perBag: number;
	readonly massG: number;
	readonly sectionMm2: number;
	readonly bulkDiameterMm: number;
	/** What a piece adds, its joint taken off, mm; 0 where the joint takes it all. */
	readonly pieceMm: number;
	/** More knot than strand: better stuffed into pillows. */
	readonly isMostlyKnot: boolean;
}

export interface ScrapOfSort extends ScrapPiece {
	readonly pieces: number;
	readonly grams: number;
	readonly strandMm: number;
}

export interface ScrapStrand {
	/** By sort, those that there are. */
	readonly sorts: Readonly<Partial<Record<ScrapSort, ScrapOfSort>>>;
	readonly strandMm: number;
	/** Film in the strand, g; what gives none is not in it. */
	readonly grams: number;
	/** Mean section weighted by strand, mm²; bulk diameter of it, and of the thickest sort, mm. */
	readonly sectionMm2: number;
	readonly bulkDiameterMm: number;
	readonly thickestMm: number;
}

/** Bags' worth of a sort that may be typed. */
export const scrapLimits = { bags: { atLeast: 0, atMost: 10_000 } } as const;

/**
 * One piece of what is cut off a bag: whole handles chain like loops, torn ones and bottoms are knotted
 * tip to tip, a generous top trim is a loop.
 *
 * @throws DomainError where the bag has no such piece
 * @example scrapPiece(bagPresets[0].bag, { trimBottomMm: 50, trimTopMm: 50 }, 'bottoms').pieceMm // 249.84
 */
export function scrapPiece(bag: Bag, trims: Trims, sort: ScrapSort): ScrapPiece {
	const { circumferenceMm: around, filmThicknessMm: thickness } = measureBag(bag);
	const isHandle = sort === 'wholeHandles' || sort === 'tornHandles';
	const trimMm = sort === 'bottoms' ? trims.trimBottomMm : trims.trimTopMm;
	if (isHandle) within('bag.handleMm', bag.handleMm, { moreThan: 0 });
	else within(sort === 'bottoms' ? 'trimBottomMm' : 'trimTopMm', trimMm, { moreThan: 0 });
	const handleMm2 = (around * defaults.handleFilmShare.value * bag.handleMm) / 2;
	const filmMm2 = isHandle ? handleMm2 : around * trimMm;
	const drawnMm = {
		wholeHandles: bag.handleMm,
		tornHandles: 2 * bag.handleMm,
		bottoms: bag.flatWidthMm,
		tops: around / 2
	}[sort];
	const isLoop = sort === 'wholeHandles' || sort === 'tops';
	const sectionMm2 = (filmMm2 * thickness) / drawnMm;
	const diameterMm = bulkDiameterMm(sectionMm2, defaults.packingWorked.value);
	const takeUp = isLoop ? defaults.loopJointTakeUp.value : defaults.overhandTakeUp.value;
	const pieceMm = Math.max(0, drawnMm - takeUp * diameterMm);
	return {
		perBag: isHandle ? 2 : 1,
		massG: filmMm2 * thickness * defaults.filmDensity.value,
		sectionMm2,
		bulkDiameterMm: diameterMm,
		pieceMm,
		isMostlyKnot: pieceMm < defaults.knotLength.value
	};
}

/** So much of a sort: bags that gave theirs, or what was weighed of it. */
export type ScrapAmount = { readonly bags: number } | { readonly grams: number };

/**
 * The strand of handles, bottoms and top trims: what lies there of each, joined.
 *
 * @throws DomainError
 * @source bench default
 * @example scrapStrand(bagPresets[1].bag, { trimBottomMm: 50, trimTopMm: 50 }, { wholeHandles: { bags: 60 }, tops: { bags: 60 } }).strandMm // 40518
 */
export function scrapStrand(
	bag: Bag,
	trims: Trims,
	amounts: Readonly<Partial<Record<ScrapSort, ScrapAmount>>>
): ScrapStrand {
	const sorts: Partial<Record<ScrapSort, ScrapOfSort>> = {};
	let [strandMm, grams, weighted, thickestMm] = [0, 0, 0, 0];
	for (const sort of scrapSorts) {
		const amount = amounts[sort];
		if (!amount) continue;
		const piece = scrapPiece(bag, trims, sort);
		const pieces =
			'bags' in amount
				? within(sort, amount.bags, scrapLimits.bags) * piece.perBag
				: within(sort, amount.grams, { atLeast: 0 }) / piece.massG;
		const one = {
			...piece,
			pieces,
			grams: pieces * piece.massG,
			strandMm: pieces * piece.pieceMm
		};
		sorts[sort] = one;
		if (one.strandMm === 0) continue;
		strandMm += one.strandMm;
		grams += one.grams;
		weighted += one.strandMm * one.sectionMm2;
		thickestMm = Math.max(thickestMm, one.bulkDiameterMm);
	}
	const sectionMm2 = strandMm > 0 ? weighted / strandMm : 0;
	return {
		sorts,
		strandMm,
		grams,
		sectionMm2,
		bulkDiameterMm: sectionMm2 > 0 ? bulkDiameterMm(sectionMm2, defaults.packingWorked.value) : 0,
		thickestMm
	};
}
