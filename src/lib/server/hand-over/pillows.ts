import { pillows as msg } from '$lib/words/hand-over';
import type { Db } from '$lib/server/db/db';
import type { ColourName } from '$lib/core/colour/colours';
import { defaults } from '$lib/core/defaults';
import { pillowsFrom } from '$lib/core/finish/pillow';
import type { PillowEntry } from '$lib/entries/types/pillow';
import type { PillowLine, PillowStore } from '$lib/stages/hand-over/hand-over-view';
import { codeFor } from '$lib/server/book/codes';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import type { BookedMove } from '$lib/server/book/piles';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import { bindThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from '$lib/server/gather/ledger';

/** What is in a pillow, as its label would say it. */
export interface PillowContent {
	/** Torn bags in it, counted; scrap is weighed, and counts as no bag. */
	readonly bags: number;
	readonly scrapG: number;
	readonly filmMg: number;
	readonly madeOn: string;
}

type Soft = 'scrap' | 'stuffing';

/** Piles of a form that lie in the store, the largest first. */
const pilesOf = (db: Db, form: Soft) =>
	db.many<{ kindId: string; colour: ColourName }>(
		`select l.kind_id as "kindId", l.colour from balance b
		 join line l on l.group_id = b.group_id and l.id = b.line_id
		 where b.group_id = $1 and b.holder = 'store' and l.form = $2 and l.cut_id is null and b.amount > 0
		 order by b.amount desc, l.id`,
		[db.groupId, form]
	);

/** Keeps a pillow: what it is stuffed with leaves the store, of the largest piles first. */
export const keepPillow = (
	db: Db,
	{ scrapG, bags }: PillowEntry,
	{ entryId, key, at, isSure }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const code = await codeFor(db, key);
			if (!code) return refuse('scrap', msg.thisGroupHasUsedAll());
			const asked = [
				...(scrapG > 0 ? await pilesOf(db, 'scrap') : []).map((pile) => ({
					...pile,
					form: 'scrap' as const,
					cut: null
				})),
				...(bags > 0 ? await pilesOf(db, 'stuffing') : []).map((pile) => ({
					...pile,
					form: 'stuffing' as const,
					cut: null
				}))
			];
			const held = await holdPiles(db, asked);
			const open: Record<Soft, number> = { scrap: scrapG, stuffing: bags };
			const taken: Omit<BookedMove, 'at' | 'matId'>[] = [];
			for (const pile of held) {
				const form = pile.form as Soft;
				const amount = Math.round(Math.min(open[form], pile.amount) * 1000) / 1000;
				if (amount <= 0) continue;
				open[form] -= amount;
				const filmMg =
					amount >= pile.amount ? pile.filmMg : Math.round((pile.filmMg * amount) / pile.amount);
				taken.push({ ...pile, amount, filmMg });
			}
			if (open.scrap > 0.0005)
				return refuse('scrap', msg.byTheBookTheStore({ round: Math.round(scrapG - open.scrap) }));
			if (open.stuffing > 0)
				return refuse('bags', msg.byTheBookTheStore2({ bags: bags - open.stuffing }));
			const filmMg = taken.reduce((sum, move) => sum + move.filmMg, 0);
			const far = askFarOff({ isSure }, [
				{ what: msg.stuffing(), value: filmMg / 1000, expected: defaults.pillowMass.value }
			]);
			if (far) return far;
			const content: PillowContent = {
				bags,
				scrapG,
				filmMg,
				madeOn: at.toISOString().slice(0, 10)
			};
			const bound = await bindThing(db, entryId, {
				code,
				sort: 'pillow',
				plan: null,
				content: { ...content }
			});
			if (bound.outcome === 'refused') return bound;
			const matId = Number(bound.id);
			await bookMoves(
				db,
				entryId,
				taken.flatMap((move): BookedMove[] => [
					{ ...move, amount: -move.amount, filmMg: -move.filmMg, at: 'store', matId: null },
					{ ...move, at: 'mat', matId }
				]),
				held
			);
			return { outcome: 'kept', id: entryId };
		})
	);

/** Pillows that lie there, the oldest first. */
export const listPillows = (db: Db): Promise<PillowLine[]> =>
	db.many<PillowLine>(
		`select t.code, t.entry_id as id, (t.content ->> 'bags')::double precision as bags,
			(t.content ->> 'scrapG')::double precision as "scrapG",
			(t.content ->> 'filmMg')::double precision / 1000 as "massG", s.at as since
		 from thing_state s join thing t on t.group_id = s.group_id and t.id = s.thing_id
		 where s.group_id = $1 and s.sort = 'pillow' and s.what = 'made' order by s.at, t.id limit 500`,
		[db.groupId]
	);

/** What there is to stuff pillows with, and how many of the usual size it comes to. */
export async function pillowStore(db: Db): Promise<PillowStore> {
	const { scrapG, bags, bagsG } = await db.one<{ scrapG: number; bags: number; bagsG: number }>(
		`select coalesce(sum(b.amount) filter (where l.form = 'scrap'), 0)::double precision as "scrapG",
			coalesce(sum(b.amount) filter (where l.form = 'stuffing'), 0)::double precision as bags,
			coalesce(sum(b.film_mg) filter (where l.form = 'stuffing'), 0)::double precision / 1000 as "bagsG"
		 from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
		 where b.group_id = $1 and b.holder = 'store' and l.form in ('scrap', 'stuffing')`,
		[db.groupId]
	);
	const { pillows } = pillowsFrom(Math.max(0, scrapG + bagsG));
	return { scrapG, bags, pillows, usualG: defaults.pillowMass.value };
}
