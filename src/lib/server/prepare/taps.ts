import { taps as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import { usualWorkSetup } from '$lib/core/model/types';
import { cutPile } from '$lib/core/prepare/cut-pile';
import type { ColourName } from '$lib/core/colour/colours';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { byStation } from '$lib/core/assembly-line/assembly-line';
import type { Pile, PileKey, PileMove } from '$lib/core/prepare/piles';
import { ballMoves, cutMoves, cutWord, flattenMoves, joinMoves } from '$lib/core/prepare/piles';
import type { LineForm } from '$lib/core/store/forms';
import type { BallEntry } from '$lib/entries/types/ball';
import { mostBallColours } from '$lib/entries/types/ball';
import type { TapEntry } from '$lib/entries/types/tap';
import type { Booked } from '$lib/server/book/entries';
import type { BookedMove, HeldPile } from '$lib/server/book/piles';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from '$lib/server/gather/ledger';
import type { TablePile } from '$lib/stages/prepare/table-view';
import type { DayLot } from '$lib/stages/table-day/learned';
import type { DayLack, DayTap, DayTaps } from '$lib/stages/table-day/taps';
import { bindBall, inStore } from './pile-actions';
import { ballContent } from './ball-content';
import type { DayCut } from './day-work';
import { cutAmong, liesFor } from './day-work';
import { lineOfDay } from './piles';

/** What each station takes. */
const takenForms: Readonly<Record<LineStation, LineForm>> = {
	flatten: 'bag',
	cut: 'flat',
	join: 'piece',
	ball: 'strand'
};

/** The piles that a lot of a station may be taken from: all of one cut, the fullest one's. */
function pilesFor(station: LineStation, by: DayCut, lying: readonly TablePile[]): PileKey[] {
	const { asked, kind } = by;
	const form = takenForms[station];
	const isCut = station === 'join' || station === 'ball';
	const piles = lying
		.filter((pile) => pile.form === form && liesFor(pile, by))
		.sort((a, b) => b.amount - a.amount);
	const cut = isCut ? (piles[0]?.cut ?? asked.cut) : null;
	const alike = piles.filter((pile) => (pile.cut && cutWord(pile.cut)) === (cut && cutWord(cut)));
	const colours: readonly ColourName[] =
		alike.length > 0 ? alike.map(({ colour }) => colour) : ['mixed'];
	return colours.map((colour) => ({ kindId: kind.id, colour, form, cut }));
}

/** A lot shared out among piles as they are held, the fullest first; what none of them has is taken of the first. */
function sharedOut(
	held: readonly HeldPile[],
	amount: number
): { readonly pile: HeldPile; readonly amount: number }[] {
	let open = amount;
	const fullest = held.toSorted((a, b) => b.amount - a.amount).slice(0, mostBallColours);
	const taken = fullest.flatMap((pile) => {
		const used = Math.min(Math.floor(pile.amount), open);
		open -= used;
		return used > 0 ? [{ pile, amount: used }] : [];
	});
	const [first, ...others] =
		taken.length > 0 ? taken : fullest.slice(0, 1).map((pile) => ({ pile, amount: 0 }));
	return first ? [{ ...first, amount: first.amount + open }, ...others] : [];
}

/** What is not there by the book is taken from the difference: a tap at the table is never refused for it. */
function made(pile: Pile, amount: number, eachMg: number): { pile: Pile; moves: BookedMove[] } {
	const lack = Math.max(0, amount - pile.amount);
	if (lack === 0) return { pile, moves: [] };
	const filmMg = Math.round(lack * eachMg);
	const lacking = { ...pile, amount: lack, filmMg, matId: null };
	return {
		pile: { ...pile, amount: pile.amount + lack, filmMg: pile.filmMg + filmMg },
		moves: [
			{ ...lacking, at: 'store' },
			{ ...lacking, amount: -lack, filmMg: -filmMg, at: 'difference' }
		]
	};
}

function movesOf(
	station: LineStation,
	taken: readonly { readonly pile: Pile; readonly amount: number }[],
	spoiled: number,
	{ asked }: DayCut
): PileMove[] {
	if (station === 'ball')
		return ballMoves(
			taken.map(({ pile, amount }) => ({ pile, pieces: amount })),
			'ball'
		);
	return taken.flatMap(({ pile, amount }) => {
		if (station === 'flatten') return flattenMoves(pile, amount);
		if (station === 'join') return joinMoves(pile, amount);
		// Spoiled pieces are of all the colours alike.
		const share = spoiled / (taken.reduce((sum, one) => sum + one.amount, 0) * asked.given.pieces);
		return cutMoves(pile, amount, asked.cut, (filmMg) =>
			cutPile(asked.given, asked.massG, amount, filmMg, share)
		);
	});
}

/** Books a lot that was done at a station of a day. */
export async function keepTap(
	db: Db,
	{ dayId, station, count, spoiled }: TapEntry,
	booked: Booked
): Promise<SaveResult> {
	const { entryId, at } = booked;
	const line = await lineOfDay(db, dayId);
	if (!line) return refuse('day', say.thatTableDayIsNot());
	const by = await cutAmong(db, line.planId, line);
	if (!by) return refuse('day', say.thisDayHasNoPlan());
	const { kept, plan, asked } = by;
	if (spoiled > count * asked.given.pieces)
		return refuse(
			'spoiled',
			say.bagsGivePiecesNoMore({ count, count2: count * asked.given.pieces })
		);
	const { bagsPerBall } = plan.work ?? usualWorkSetup;
	const amount =
		station === 'join'
			? count * asked.cut.piecesPerBag
			: station === 'ball'
				? bagsPerBall * asked.cut.piecesPerBag
				: count;
	const keys = pilesFor(station, by, line.piles);
	const cut = keys[0]?.cut ?? asked.cut;
	const eachMg = Math.round(
		(station === 'flatten' || station === 'cut' ? asked.massG : cut.pieceG) * 1000
	);
	return orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			// Chosen as they are held: of two taps at once the second sees what the first has left.
			const held = await holdPiles(db, keys);
			const parts = sharedOut(held, amount);
			const filled = parts.map((part) => made(part.pile, part.amount, eachMg));
			const moves = movesOf(
				station,
				filled.map(({ pile }, nth) => ({ pile, amount: parts[nth]?.amount ?? 0 })),
				spoiled,
				by
			);
			await bookMoves(
				db,
				entryId,
				[...filled.flatMap((one) => one.moves), ...inStore(moves)],
				held
			);
			if (station !== 'ball') return { outcome: 'kept', id: entryId };
			const entry: BallEntry = {
				type: 'ball',
				as: 'ball',
				kindId: asked.kindId,
				cut,
				colours: parts.map(({ pile: { colour }, amount: pieces }) => ({
					colour,
					bags: pieces / cut.piecesPerBag
				})),
				code: null,
				planId: kept.id,
				planVersion: kept.version,
				massG: null,
				scaleErrorG: 1,
				byName: null
			};
			const content = await ballContent(db, entry, at);
			if (content.problem !== undefined) return refuse('day', content.problem);
			return bindBall(db, entry, content.value, booked, moves);
		})
	);
}

/** What was tapped at a day and stands: how much at each station, and the last lots of each. */
export async function tapsOfDay(db: Db, dayId: string): Promise<DayTaps> {
	const { done, last } = await db.one<{
		done: Partial<Record<LineStation, number>>;
		last: readonly DayTap[];
	}>(
		`with standing as materialized (
			select e.id, e.typed ->> 'station' as station, (e.typed ->> 'count')::integer as count
			from standing_entry e where e.group_id = $1 and e.type = 'tap' and e.typed ->> 'day' = $2)
		 select (select coalesce(json_object_agg(station, counted), '{}')
				from (select station, sum(count) as counted from standing group by station) d) as done,
			(select coalesce(json_agg(json_build_object('id', l.id, 'station', l.station, 'count', l.count,
				'code', (select t.code from thing t where t.group_id = $1 and t.entry_id = l.id)) order by l.id desc), '[]')
				from (select *, row_number() over (partition by station order by id desc) as nth from standing) l
				where l.nth <= 12) as last`,
		[db.groupId, dayId]
	);
	return { done: byStation((station) => done[station] ?? 0), last };
}

/** The lots that were tapped of a day while it was open, and stand. */
export const lotsOfDay = (db: Db, dayId: string): Promise<DayLot[]> =>
	db.many<DayLot>(
		`select e.typed ->> 'station' as station, (e.typed ->> 'count')::integer as count,
			extract(epoch from e.typed_at at time zone coalesce(g.time_zone, 'UTC') - d.day)::float8 as "atS"
		 from table_day d
		 join volunteer_group g on g.id = $1
		 join standing_entry e on e.group_id = $1 and e.type = 'tap' and e.typed ->> 'day' = d.id::text
			and e.typed_at between d.opened_at and coalesce(d.closed_at, now())
		 where d.group_id = $1 and d.id = $2
		 order by e.typed_at, e.id`,
		[db.groupId, dayId]
	);

/** What the taps of a day took that the book did not have, by the form it lay in: to be explained, or counted again. */
export const lacksOfDay = (db: Db, dayId: string): Promise<DayLack[]> =>
	db.many<DayLack>(
		`select l.form, -sum(m.amount)::float8 as amount
		 from standing_entry e
		 join movement m on m.group_id = e.group_id and m.entry_id = e.id and m.holder = 'difference'
		 join line l on l.group_id = m.group_id and l.id = m.line_id
		 where e.group_id = $1 and e.type = 'tap' and e.typed ->> 'day' = $2
		 group by l.form having sum(m.amount) <> 0 order by l.form`,
		[db.groupId, dayId]
	);
