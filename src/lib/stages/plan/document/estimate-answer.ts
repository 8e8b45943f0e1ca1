import { stations, totalSeconds } from '$lib/core/effort/stations';
import type { Practice } from '$lib/core/practice/practice';
import { estimatePlan } from '$lib/core/estimate/estimate';
import type { LikeCut } from '$lib/core/kinds/like-cut';
import type { KindInModel } from '$lib/core/model/kinds-in-model';
import type { Model } from '$lib/core/model/model';
import { linearDensityKtex } from '$lib/core/strand/strength';
import type { Plan } from '$lib/core/model/types';
import { toSnakeKeys } from './case';

/** The figures of a mat by the names of the worked cases; which there are depends on the technique. */
export function caseFigures(model: Model): Record<string, number> {
	const { mat, yield: cut } = model;
	const common = {
		strip_width_mm: cut.stripWidthMm,
		pieces_per_bag: cut.pieces,
		strand_per_bag_m: cut.strandPerBagMm / 1000,
		film_um: model.filmThicknessMm * 1000,
		strand_mm: cut.bulkDiameterMm,
		plarn_m: mat.strandMm / 1000,
		rows: mat.rows,
		cover: mat.cover,
		bags: model.bags
	};
	switch (mat.kind) {
		case 'crochet':
			return { ...common, stitches: mat.stitches };
		case 'peg-loom': {
			const bagsOf = (role: string) => model.draws.find((draw) => draw.role === role)?.bags ?? 0;
			return {
				...common,
				pegs: mat.pegs,
				warp_strands: mat.warpStrands,
				loops_per_strand: mat.piecesPerStrand,
				warp_bags: bagsOf('warp'),
				weft_bags: bagsOf('weft'),
				short_piece_bags: model.shortPieceBags
			};
		}
		case 'twined':
			return {
				...common,
				warp_ends: mat.warpEnds,
				warp_m: mat.warpMm / 1000,
				cloth_m: mat.clothM,
				panels: mat.panels.count
			};
		case 'finger-bands':
			return { ...common, bands: mat.bands, band_mm: mat.bandWidthMm };
	}
}

/** One kind of a mat of several: how it is cut, what it gives, and how many of it. */
function kindAnswer({ name, share, like, weft, toPrepare, short }: KindInModel): object {
	const cutAnswer = ({ cut, yield: made, sectionOff, thicknessOff, verdict }: LikeCut) => ({
		cut: toSnakeKeys(cut),
		strip_width_mm: made.stripWidthMm,
		pieces_per_bag: made.pieces,
		strand_per_bag_m: made.strandPerBagMm / 1000,
		ktex: linearDensityKtex(made.solidSectionMm2),
		section_off: sectionOff,
		thickness_off: thicknessOff,
		verdict
	});
	return {
		...(name !== null && { name }),
		share,
		...cutAnswer(like),
		...(weft && { weft: cutAnswer(weft) }),
		bags_to_prepare: toPrepare,
		short
	};
}

/** An estimate as the command line and the JSON endpoint answer it. */
export function estimateAnswer(plan: Plan, practice: Practice) {
	const { basis, isUnfit, model, tally, judgements } = estimatePlan(plan, practice);
	const hours = Object.fromEntries(
		stations.map((station) => [station, model.seconds[station] / 3600])
	);
	return {
		measures: { ...basis, fit: !isUnfit },
		figures: caseFigures(model),
		...(model.kinds && { kinds: model.kinds.map(kindAnswer) }),
		to_prepare: tally.toPrepare,
		to_collect: tally.toCollect,
		tally: toSnakeKeys(tally),
		hours: { ...hours, total: totalSeconds(model.seconds) / 3600 },
		mass_g: {
			in: model.mass.inG,
			mat: model.mass.matG,
			scrap: model.mass.scrapG,
			spoiled: model.mass.spoiledG,
			ties: model.mass.tiesG
		},
		judgements: judgements.map((judgement) => toSnakeKeys(judgement))
	};
}
