import type { CheckedMat } from '$lib/core/check/judge-mat';
import { judgeMat } from '$lib/core/check/judge-mat';
import { cutBag } from '$lib/core/cut/cut-bag';
import { ownStack } from '$lib/core/cut/own-stack';
import { ownTies } from '$lib/core/finish/own-ties';
import { pillowCovers } from '$lib/core/finish/pillow-covers';
import { keptFromBin } from '$lib/core/hand-over/kept';
import type { KindVerdict } from '$lib/core/kinds/like-cut';
import { mixKinds } from '$lib/core/kinds/mix-kinds';
import { toldOrder } from '$lib/core/kinds/piece-order';
import type { ScrapAmount, ScrapSort } from '$lib/core/strand/scrap-strand';
import { scrapSorts, scrapStrand } from '$lib/core/strand/scrap-strand';
import { linearDensityKtex } from '$lib/core/strand/strength';
import { bandColours } from '$lib/core/techniques/bands/band-colours';
import { hookIntents, hooksFor } from '$lib/core/techniques/crochet/hook-intents';
import { countedLoops } from '$lib/core/techniques/peg-loom/counted-loops';
import { warpFromBall } from '$lib/core/techniques/peg-loom/warp-from-ball';
import { endToEnd } from '$lib/core/techniques/twined/end-to-end';
import { toCamelKeys } from '../document/case';
import type { SchoolInput, SchoolName } from './shapes';

/** The codes of the door that are spelled with spaces. */
const spaced = (code: string): string => code.replaceAll('-', ' ');
const fitCodes = {
	stretch: 'stretches to fit',
	'add-short': 'add a short piece',
	'shorten-one': 'shorten a piece'
} as const;
const noteCodes: Readonly<Record<string, string>> = {
	larger: 'larger than planned',
	smaller: 'smaller than planned',
	lighter: 'lighter than planned',
	'weigh-again': 'measure and weigh again'
};
const scrapCodes: Readonly<Record<ScrapSort, string>> = {
	wholeHandles: 'handles',
	tornHandles: 'torn',
	bottoms: 'bottoms',
	tops: 'tops'
};

const m = (mm: number): number => mm / 1000;

function mixed({ reference, kinds, strand_m }: SchoolInput<'mixed-kinds'>): object {
	const { bag, cut } = toCamelKeys(reference);
	const mix = mixKinds({ bag, cut }, toCamelKeys(kinds), strand_m * 1000);
	const isCounted = kinds.some(({ bags }) => bags !== undefined);
	const isShared = kinds.some(({ bags }) => bags === undefined);
	const order = toldOrder(mix.kinds);
	const verdict = (code: KindVerdict) => spaced(code);
	return {
		reference_section_mm2: mix.referenceMm2,
		kinds: Object.fromEntries(
			mix.kinds.map((kind, at) => [
				kinds[at]?.id ?? '',
				{
					film_um: kind.measures.filmThicknessMm * 1000,
					exact_width_mm: kind.exactWidthMm,
					pieces: kind.yield.pieces,
					width_mm: kind.yield.stripWidthMm,
					section_mm2: kind.yield.solidSectionMm2,
					section_off: kind.sectionOff,
					thickness_off: kind.thicknessOff,
					verdict: verdict(kind.verdict),
					piece_mm: kind.yield.pieceLengthMm,
					strand_per_bag_m: m(kind.yield.strandPerBagMm),
					ktex: linearDensityKtex(kind.yield.solidSectionMm2),
					...(isShared && { bags: kind.bags }),
					...(isCounted && { strand_m: m(kind.strandMm), share: kind.share })
				}
			])
		),
		mean_section_mm2: mix.meanSectionMm2,
		strand_mm: mix.bulkDiameterMm,
		thickness_cv: mix.thicknessCv,
		order: order.map((at) => kinds[at]?.id ?? '').join(' '),
		strand_cv: mix.strandCv,
		worst: verdict(mix.worst),
		...(isCounted && { strand_m: m(mix.strandMm), short_m: m(mix.shortMm) })
	};
}

function scrap(input: SchoolInput<'scrap-strand'>): object {
	const { bag, bags, grams, trimBottomMm, trimTopMm } = toCamelKeys(input);
	const amounts: Partial<Record<ScrapSort, ScrapAmount>> = {};
	for (const sort of scrapSorts) {
		const [count, weighed] = [bags[sort], grams[sort]];
		if (weighed !== undefined) amounts[sort] = { grams: weighed };
		else if (count !== undefined) amounts[sort] = { bags: count };
	}
	const made = scrapStrand(bag, { trimBottomMm, trimTopMm }, amounts);
	return {
		...Object.fromEntries(
			scrapSorts.flatMap((sort) => {
				const one = made.sorts[sort];
				if (!one) return [];
				return [
					[
						scrapCodes[sort],
						{
							pieces: one.pieces,
							section_mm2: one.sectionMm2,
							strand_mm: one.bulkDiameterMm,
							piece_mm: one.pieceMm,
							grams: one.grams,
							strand_m: m(one.strandMm)
						}
					]
				];
			})
		),
		strand_m: m(made.strandMm),
		grams: made.grams,
		strand_mm: made.bulkDiameterMm,
		thickest_mm: made.thickestMm
	};
}

function check({ plan, mat, place, sleeper_mm }: SchoolInput<'check'>): object {
	const technique = mat.made.startsWith('crochet')
		? 'crochet'
		: (mat.made as Exclude<CheckedMat['technique'], 'crochet'>);
	const judged = judgeMat(
		{
			technique,
			isLengthwise: mat.made === 'crochet-lengthwise',
			widthMm: mat.width_mm,
			lengthMm: mat.length_mm,
			massG: mat.mass_g ?? null,
			goesThrough: Array.from({ length: 15 }, (_, at) => at < mat.through),
			faults: Array.from({ length: mat.faults }, () => ({
				kind: 'loose-joint' as const,
				along: 0.5,
				across: 0.5
			}))
		},
		{ ...toCamelKeys(plan), sleeperMm: sleeper_mm },
		place && toCamelKeys(place)
	);
	return {
		result: spaced(judged.result),
		least_length_mm: judged.leastLengthMm,
		least_width_mm: judged.leastWidthMm,
		density_share: judged.densityShare,
		notes: judged.notes.map((note) => noteCodes[note] ?? spaced(note)),
		uses: judged.uses.map(spaced)
	};
}

/** What each practice comes to, by the keys of the case files. Lengths mm unless `_m`, masses g unless `_kg`. */
export const schoolAnswers: {
	readonly [Name in SchoolName]: (input: SchoolInput<Name>) => object;
} = {
	'warp-from-ball': ({ bag, warp_cut, weft_cut, ...loom }) => {
		const own = toCamelKeys(bag);
		const made = warpFromBall(
			toCamelKeys(loom),
			cutBag(own, toCamelKeys(warp_cut)),
			cutBag(own, toCamelKeys(weft_cut))
		);
		return {
			legs: made.legs,
			warp_m: m(made.warpMm),
			pieces: made.warpPieces,
			warp_bags: made.warpBags,
			balls: made.balls,
			joints_at_pegs: made.jointsAtPegs,
			warp_mm: made.warpDiameterMm,
			width_mm: made.widthMm,
			rows: made.rows,
			weft_m: m(made.weftMm),
			weft_bags: made.weftBags
		};
	},
	'counted-loops': ({ bag, cut, nails, loops, span_mm }) => {
		const by = span_mm === undefined ? { loops: loops ?? NaN } : { spanMm: span_mm };
		const made = countedLoops(nails, by, cutBag(toCamelKeys(bag), toCamelKeys(cut)));
		return {
			loop_mm: made.loopMm,
			loops: made.loops,
			span_mm: made.spanMm,
			span_least_mm: made.spanLeastMm,
			span_most_mm: made.spanMostMm,
			fit: made.fitShare,
			verdict: fitCodes[made.fit],
			short_mm: made.shortMm,
			strands: made.strands,
			pieces: made.pieces,
			bags: made.bags
		};
	},
	'end-to-end': ({ bag, cut, frame, target_length_mm, cloth_width_mm }) => {
		const own = cutBag(toCamelKeys(bag), toCamelKeys(cut));
		const made = endToEnd(toCamelKeys(frame), target_length_mm, cloth_width_mm, own);
		return {
			panels: made.panels,
			width_mm: made.widthMm,
			length_mm: made.lengthMm,
			over_mm: made.overMm,
			seams: made.seams,
			warp_per_panel_m: m(made.warpPerPanelMm),
			lacing_m: m(made.lacingMm),
			cloth_m: made.clothM,
			rows_per_panel: made.rowsPerPanel,
			weft_m: m(made.weftMm),
			bags: made.bags
		};
	},
	stack: ({ bag, tool, bags, folds }) => {
		const made = ownStack(toCamelKeys(bag), tool, bags, folds);
		return {
			layers: made.layers,
			layers_at_gusset: made.layersAtGusset,
			film_mm: made.filmMm,
			limit_mm: made.limitMm,
			most_bags: made.bagsWithinLimit,
			seconds_per_bag: made.secondsPerBag,
			verdict: spaced(made.verdict)
		};
	},
	'scrap-strand': scrap,
	'pillow-covers': ({ pillow, packing, cloth_width_mm, scrap_g, covers }) => {
		const made = pillowCovers(toCamelKeys(pillow), packing, cloth_width_mm, scrap_g, covers);
		return {
			grams_each: made.gramsEach,
			stuffed: made.stuffed,
			cover_mm: made.pieceMm,
			cloth_m: made.clothM,
			left_g: made.leftG,
			minutes: made.minutes
		};
	},
	'band-colours': ({ bag, cut, width_mm, length_mm, strands, pattern }) => {
		const made = bandColours(
			{ widthMm: width_mm, lengthMm: length_mm },
			strands,
			pattern,
			cutBag(toCamelKeys(bag), toCamelKeys(cut))
		);
		const byColour = (value: (one: (typeof made.colours)[number]) => number) =>
			Object.fromEntries(made.colours.map((one) => [one.colour, value(one)]));
		return {
			bands: made.bands,
			metres: byColour(({ strandMm }) => m(strandMm)),
			bags: byColour(({ bags }) => bags),
			joints_for_change: made.jointsForChange,
			bags_total: made.bagsTotal
		};
	},
	'mixed-kinds': mixed,
	ties: ({ how, count, tie_mm, strap_mm, folded, mat }) => {
		const tie = { count, lengthMm: tie_mm, strapMm: strap_mm };
		const made = ownTies(how, tie, toCamelKeys(mat), folded);
		return {
			strand_m: m(made.strandMm),
			roll_mm: made.rollMm,
			roll_long_mm: made.rollLengthMm,
			least_mm: made.leastMm,
			round_twice_mm: made.roundTwiceMm,
			verdict: made.verdict === 'long' ? 'long: keep it tied up' : spaced(made.verdict),
			turns: made.turns,
			strap_in_rolls: made.strapInRolls
		};
	},
	kept: ({ handed_over }) => {
		const made = keptFromBin(toCamelKeys(handed_over.flat()));
		return {
			kept_bags: made.bags.used,
			new_bags: made.bags.new,
			unknown_bags: made.bags.unknown,
			in_hand_over: made.inHandOver,
			kept_kg: made.grams.used / 1000,
			new_kg: made.grams.new / 1000,
			unknown_kg: made.grams.unknown / 1000,
			words: made.isAtLeast ? 'at least' : 'counted'
		};
	},
	check,
	hooks: ({ strand_mm, stitch, own }) => {
		const made = hooksFor(strand_mm, stitch, own);
		return Object.fromEntries(
			hookIntents.map((intent) => {
				const one = made[intent];
				return [
					intent,
					{
						from_mm: one.fromMm,
						to_mm: one.toMm,
						hook_mm: one.hookMm,
						ratio: one.ratio,
						in_range: one.isInRange,
						cover: one.cover,
						strand_m_per_m2: m(one.strandPerM2Mm),
						stitches_per_m2: one.stitchesPerM2
					}
				];
			})
		);
	}
};
