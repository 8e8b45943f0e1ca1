import { DomainError } from '$lib/core/domain-error';
import type { ColourName } from '$lib/core/colour/colours';
import { stripesOf } from '$lib/core/colour/stripes';
import { totalSeconds } from '$lib/core/effort/stations';
import type { Task } from '$lib/core/effort/tasks';
import type { HandsPlanned } from '$lib/core/hand-over/hands';
import { isMatLengthwise } from '$lib/core/drawing/mat-scene';
import { matRows, unitsPerRow } from '$lib/core/making/mat-rows';
import type { ColourRows } from '$lib/core/making/strand-left';
import { ballStrandMm, layPlanBalls } from '$lib/core/model/balls-of-plan';
import { pointFor } from '$lib/core/model/known-for';
import type { Model } from '$lib/core/model/model';
import { modelPlan } from '$lib/core/model/model';
import type { Plan } from '$lib/core/model/types';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import { snapshotOf } from '$lib/core/prepare/cut-pile';
import type { Practice } from '$lib/core/practice/practice';
import type { MatInHand, MatLook } from '$lib/stages/making/mat-view';
import type { PlanDocument } from '$lib/stages/plan/document/document';
import { planOfShape } from '$lib/stages/plan/document/document';

/** How a version of a plan is made, as a mat of it is counted and drawn. */
export interface Making {
	readonly rows: MatInHand['rows'];
	readonly look: MatLook | null;
	/** How the pieces of its strand are cut: balls of another cut do not suit it. */
	readonly cut: CutSnapshot | null;
	/** What its rows are timed as: the work, the way it is done, stitches or crossings a row. */
	readonly pace: {
		readonly work: Task;
		readonly way: string;
		readonly unitsPerRow: number;
	} | null;
	/** Film in it, its ties with it, g; 0 where it cannot be made any more. */
	readonly massG: number;
	/** Hands it takes by its plan. */
	readonly hands: HandsPlanned;
	/** How thick it lies, mm; null where it cannot be made any more. */
	readonly thicknessMm: number | null;
	/** How tall its sleeper is, mm; null where the plan does not say. */
	readonly sleeperMm: number | null;
}

/** What is known of a mat whose plan cannot be made any more. */
export const unmade: Making = {
	rows: null,
	look: null,
	cut: null,
	pace: null,
	massG: 0,
	hands: { makeMin: 0, besideMin: 0 },
	thicknessMm: null,
	sleeperMm: null
};

/** Rows of one colour after the other, as the balls of a plan lie in its mat. */
function plannedStripes(plan: Plan, model: Model): MatLook['stripes'] {
	const stripes: { colour: ColourName; rows: number }[] = [];
	for (const { colour, rows, from, to } of stripesOf(layPlanBalls(plan, model).runs)) {
		// Of a row that two balls share, the longer part is drawn; balls of one colour are one stripe.
		if (to - from <= 0.5) continue;
		const last = stripes.at(-1);
		if (last?.colour === colour) last.rows += rows;
		else stripes.push({ colour, rows });
	}
	return stripes;
}

/** How a plan is made by a practice; nothing is known of one that cannot be made any more. */
export function makingOf({ plan: shape }: PlanDocument, practice: Practice): Making {
	const plan = planOfShape(shape);
	try {
		const model = modelPlan(plan, pointFor(plan, practice));
		const { mat } = model;
		const { technique } = plan;
		const { kind, widthMm, lengthMm } = mat;
		const rows = matRows(mat);
		const worked = model.draws.find(({ role }) => role === 'body' || role === 'weft');
		return {
			rows,
			massG: model.mass.matG + model.mass.tiesG,
			hands: {
				makeMin: model.seconds.make / 60,
				besideMin: (totalSeconds(model.seconds) - model.seconds.make) / 60
			},
			thicknessMm: mat.thicknessMm,
			sleeperMm: plan.sleeperHeightMm ?? null,
			cut: snapshotOf(plan.bag, model.weftYield ?? model.yield),
			pace: {
				work: kind,
				way: technique.kind === 'crochet' ? technique.stitch : 'usual',
				unitsPerRow: unitsPerRow(mat)
			},
			look: {
				kind,
				widthMm,
				lengthMm,
				isLengthwise: isMatLengthwise(mat),
				rowM: mat.strandMm / 1000 / rows.total,
				bagsPerM: worked ? (worked.bags / worked.strandMm) * 1000 : 0,
				ballM: ballStrandMm(plan, model) / 1000,
				stitch: mat.kind === 'crochet' ? { count: mat.stitches, widthMm: mat.stitchWidthMm } : null,
				loom:
					mat.kind === 'peg-loom' && technique.kind === 'peg-loom'
						? { strands: mat.pegs, farFirstPass: technique.farFirstPass ?? 'over' }
						: null,
				stripes: plannedStripes(plan, model)
			}
		};
	} catch (error) {
		if (error instanceof DomainError) return unmade;
		throw error;
	}
}

/**
 * A mat's own making: with the rows and colours it goes on with where they were changed, else those it was
 * begun with: what is learned meanwhile changes no mat in somebody's hands.
 */
export function ownMaking(
	making: Making,
	changed: readonly ColourRows[] | null,
	begun: readonly ColourRows[] | null
): Making {
	const { rows, look } = making;
	const stripes = changed ?? begun;
	if (!stripes || stripes.length === 0 || !rows || !look) return making;
	const total = stripes.reduce((sum, one) => sum + one.rows, 0);
	if (total % rows.parts !== 0) return making;
	const key = JSON.stringify(stripes);
	const known = ownMakings.get(making) ?? new Map<string, Making>();
	ownMakings.set(making, known);
	const own = known.get(key) ?? {
		...making,
		rows: { ...rows, total, each: total / rows.parts },
		look: { ...look, stripes }
	};
	known.set(key, own);
	return own;
}

/** Mats of one plan that go on alike share what is known of them: a list of many says it once. */
const ownMakings = new WeakMap<Making, Map<string, Making>>();
