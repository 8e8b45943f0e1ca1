import { defaults } from '../defaults';
import type { Model } from '../model/model';
import type { Plan } from '../model/types';
import { isKnotForbidden, layStrandOf } from '../techniques/peg-loom/lay-strand';
import { endsOf, meetingCheck } from '../techniques/peg-loom/meeting';
import type { Judgement } from './judgement';

/**
 * The calls on a peg loom: pieces that do not fit, knots at pegs, a crowded warp, rows that meet.
 *
 * @example judgeLoom({ ...startingPlan, technique: { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut } }, modelPlan({ ...startingPlan, technique: { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut } }, barePoint)).map(({ code }) => code) // ['pieces-do-not-fit']
 */
export function judgeLoom(plan: Plan, model: Model): Judgement[] {
	const { mat } = model;
	const { technique } = plan;
	if (mat.kind !== 'peg-loom' || technique.kind !== 'peg-loom') return [];
	const judgements: Judgement[] = [];
	const add = (
		code: Judgement['code'],
		severity: Judgement['severity'],
		figures: Record<string, number>,
		changes?: Partial<typeof technique>
	) =>
		judgements.push({
			code,
			severity,
			subject: 'technique',
			figures,
			...(changes && { cure: { technique: { ...technique, ...changes } } })
		});

	const pieceMm = (mat.fitShare * mat.pegToPegMm) / mat.piecesPerStrand;
	const laid = layStrandOf(mat, technique.shortPiece);
	if (laid.fit !== 'stretch') {
		const whole = laid.fit === 'add-short' ? mat.piecesPerStrand : mat.piecesPerStrand - 1;
		add('pieces-do-not-fit', 'look', {
			fitShare: laid.fitShare,
			pieces: mat.piecesPerStrand,
			shortMm: mat.pegToPegMm - whole * pieceMm,
			isShortened: laid.fit === 'shorten-one' ? 1 : 0
		});
	}
	const forbidden = laid.knotsMm.filter((knot) => isKnotForbidden(knot, mat.pegToPegMm));
	if (forbidden.length > 0) {
		const moved = layStrandOf(mat, 'middle');
		const isCured = !moved.knotsMm.some((knot) => isKnotForbidden(knot, mat.pegToPegMm));
		add(
			'knot-at-peg',
			'change',
			{
				knotMm: Math.min(...forbidden.map((knot) => Math.min(knot, mat.pegToPegMm - knot))),
				freeMm: defaults.knotFreeEnd.value
			},
			isCured ? { shortPiece: 'middle' } : undefined
		);
	}
	if (mat.weftDiameterMm > mat.warpDiameterMm * (1 + 1e-9)) {
		add('weft-wider-than-warp', 'look', {
			warpMm: mat.warpDiameterMm,
			weftMm: mat.weftDiameterMm
		});
	}
	if (mat.warpDiameterMm + mat.weftDiameterMm > mat.pitchMm) {
		const roomy = Math.ceil(mat.warpDiameterMm + mat.weftDiameterMm);
		add('warp-crowded', 'look', { pitchMm: mat.pitchMm, needMm: roomy }, { pitchMm: roomy });
	}
	if (technique.ends === 'both' && mat.rows >= 2) {
		const farFirstPass = technique.farFirstPass ?? 'over';
		// Both strands of a doubled edge are passed as one.
		const meeting = meetingCheck(...endsOf(mat.rows, farFirstPass), mat.pegs);
		if (meeting.verdict !== 'fine') {
			add(
				'rows-meet-wrongly',
				'change',
				{ nearRows: Math.ceil(mat.rows / 2), farRows: Math.floor(mat.rows / 2) },
				{ farFirstPass: farFirstPass === 'over' ? 'under' : 'over' }
			);
		}
	}
	return judgements;
}

/**
 * The calls on a twined frame smaller than the mat.
 *
 * @example judgeFrame(modelPlan({ ...startingPlan, technique: { kind: 'twined', pitchMm: 14, warp: 'cloth', frameWidthMm: 850, frameLengthMm: 1000 } }, barePoint)).map(({ code }) => code) // ['panels-needed', 'panels-end-to-end']
 */
export function judgeFrame({ mat }: Model): Judgement[] {
	if (mat.kind !== 'twined' || mat.panels.count === 1) return [];
	const { across, along, seamAlongMm, seamAcrossMm } = mat.panels;
	const judgements: Judgement[] = [
		{
			code: 'panels-needed',
			severity: 'look',
			subject: 'technique',
			figures: { across, along, seamMm: seamAlongMm + seamAcrossMm }
		}
	];
	if (along > 1) {
		judgements.push({
			code: 'panels-end-to-end',
			severity: 'change',
			subject: 'technique',
			figures: { along }
		});
	}
	return judgements;
}
