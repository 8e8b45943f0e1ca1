import { loadingLoom as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import { ifInDomain } from '$lib/core/domain-error';
import { pointFor } from '$lib/core/model/known-for';
import { modelPlan } from '$lib/core/model/model';
import { filmShareMg } from '$lib/core/prepare/film-share';
import { loadOf } from '$lib/core/prepare/load-loom';
import type { LoomLoad } from '$lib/core/prepare/load-loom';
import type { Practice } from '$lib/core/practice/practice';
import type { Plan } from '$lib/core/model/types';
import type { LoadEntry } from '$lib/entries/types/load';
import { planOfShape } from '$lib/stages/plan/document/document';
import { notThereWords } from '$lib/stages/prepare/pile-words';
import { codeFor } from '$lib/server/book/codes';
import type { Booked } from '$lib/server/book/entries';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import { bindThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import type { Loom } from '$lib/core/tools/tools';
import { orRefusal } from '$lib/server/gather/ledger';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { findPlanVersion } from '$lib/server/plan/plan-versions';
import type { LoadedLoom } from './loaded-looms';
import { listLoadedLooms } from './loaded-looms';

/** The warp that a plan lays on a loom, and the loom it asks for. */
export interface Warp extends LoomLoad {
	readonly pegs: number;
	readonly pitchMm: number;
	readonly pegToPegMm: number;
}

/** The warp of a plan; null where it is for no loom, or cannot be made. */
export function warpOf(plan: Plan, practice: Practice): Warp | null {
	const { technique } = plan;
	if (technique.kind !== 'peg-loom') return null;
	return ifInDomain(() => {
		const { mat } = modelPlan(plan, pointFor(plan, practice));
		if (mat.kind !== 'peg-loom') return null;
		const { pegs, pitchMm, pegToPegMm } = mat;
		return { ...loadOf(mat, technique.shortPiece), pegs, pitchMm, pegToPegMm };
	});
}

/** The loom, held: who loads it at the same moment waits. */
const holdLoom = (db: Db, toolId: string) =>
	db.maybeOne<{ name: string; facts: Omit<Loom, 'sort'> }>(
		`select name, facts from tool where group_id = $1 and id = $2 and sort = 'loom' and gone_at is null
		 for update`,
		[db.groupId, toolId]
	);

/** A peg is set by a hand, and a loom measured with a tape. */
const pitchSlackMm = 1;
const lengthSlackMm = 15;

/** Whether the loom that stands there is the one a plan asks for. */
export const isThatLoom = (
	warp: Pick<Warp, 'pegs' | 'pitchMm' | 'pegToPegMm'>,
	loom: Omit<Loom, 'sort'>
): boolean =>
	warp.pegs === loom.pegs &&
	Math.abs(warp.pitchMm - loom.pitchMm) <= pitchSlackMm &&
	Math.abs(warp.pegToPegMm - loom.pegToPegMm) <= lengthSlackMm;

/** Why strands cannot be laid on what is on the loom; null where they can. */
function whyNot(
	{ mat, planId, strands }: LoadEntry,
	loom: string,
	load: LoomLoad,
	on: LoadedLoom | undefined
): SaveResult | null {
	if (mat !== null && on?.code !== mat) return refuse('mat', say.isNotOnAnyMore({ mat, loom }));
	if (on && on.planId !== planId)
		return refuse('plan', say.carriesByAnotherPlanFinish({ loom, code: on.code }));
	const left = load.strands - (on?.strands ?? 0);
	if (strands > left)
		return refuse(
			'strands',
			left > 0
				? say.theWarpHasStrandsAnd({ strands: load.strands, left })
				: say.allStrandsOfTheWarp({ strands: load.strands })
		);
	return null;
}

/** Lays strands on a loom: the first begins the mat, which has the strand from then on. */
export const keepLoad = (
	db: Db,
	entry: LoadEntry,
	{ entryId, key: entryKey }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const { toolId, planId, planVersion, pile: key, strands } = entry;
			if (!key) return refuse('pile', say.chooseAPileOfPieces());
			const version = await findPlanVersion(db, planId, planVersion);
			if (!version) return refuse('plan', say.thatPlanIsNotIn());
			const load = warpOf(planOfShape(version.document.plan), await practiceOfGroup(db));
			if (!load) return refuse('plan', say.isNotMadeOnA({ name: version.name }));
			const loom = await holdLoom(db, toolId);
			if (!loom) return refuse('tool', say.thatLoomIsNotIn());
			if (!isThatLoom(load, loom.facts))
				return refuse(
					'tool',
					say.asksForPegsHasOr({
						name: version.name,
						pegs: load.pegs,
						name2: loom.name,
						pegs2: loom.facts.pegs
					})
				);
			const on = (await listLoadedLooms(db)).find((one) => one.toolId === toolId);
			const why = whyNot(entry, loom.name, load, on);
			if (why) return why;
			const pieces = strands * load.piecesPerStrand;
			const piles = await holdPiles(db, [key]);
			const [pile] = piles;
			if (!pile) throw new Error('a loom loaded from no pile');
			if (pieces > pile.amount) return refuse('strands', notThereWords(key, pieces, pile.amount));
			let matId = on?.id ?? null;
			if (matId === null) {
				const code = await codeFor(db, entryKey);
				if (!code) return refuse('mat', say.thisGroupHasUsedAll());
				const bound = await bindThing(
					db,
					entryId,
					{
						code,
						sort: 'mat',
						plan: { id: planId, version: planVersion },
						content: {
							toolId,
							warpStrands: load.strands,
							piecesPerStrand: load.piecesPerStrand
						}
					},
					'begun'
				);
				if (bound.outcome === 'refused') return bound;
				matId = Number(bound.id);
			}
			const filmMg = filmShareMg(pile.filmMg, pile.amount, pieces);
			await bookMoves(
				db,
				entryId,
				[
					{ ...pile, amount: -pieces, filmMg: -filmMg, at: 'store', matId: null },
					{ ...pile, form: 'strand', amount: pieces, filmMg, at: 'mat', matId }
				],
				piles
			);
			return { outcome: 'kept', id: entryId };
		})
	);
