import type { Db } from '../db/db';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { Pile, PileKey, PileMove } from '$lib/core/prepare/piles';
import { pileWord } from '$lib/core/prepare/piles';
import type { Parameter } from '../db/ask';

/** A pile, and the line of the book it is. */
export interface HeldPile extends Pile {
	readonly lineId: number;
}

const cutText = `select id from cut where group_id = $1 and style = $2 and strip_width_mm = $3
	and pieces_per_bag = $4 and thickness_um = $5 and piece_length_mm = $6 and piece_g = $7`;

/** The number of a cut; a new one where none was cut so before. */
export async function cutIdOf(db: Db, cut: CutSnapshot): Promise<number> {
	const { style, stripWidthMm, piecesPerBag, thicknessUm, pieceLengthMm, pieceG } = cut;
	const values = [
		db.groupId,
		style,
		stripWidthMm,
		piecesPerBag,
		thicknessUm,
		pieceLengthMm,
		pieceG
	];
	for (let attempt = 1; attempt <= 3; attempt++) {
		const known = await db.maybeOne<{ id: number }>(cutText, values);
		if (known) return known.id;
		const made = await db.maybeOne<{ id: number }>(
			`insert into cut (group_id, style, strip_width_mm, pieces_per_bag, thickness_um,
				piece_length_mm, piece_g)
			 values ($1, $2, $3, $4, $5, $6, $7) on conflict do nothing returning id`,
			values
		);
		if (made) return made.id;
		// Another began it at this moment: it is found when it is asked for anew.
	}
	throw new Error('a cut was neither found nor made');
}

const cutNumbers = [
	'stripWidthMm',
	'piecesPerBag',
	'thicknessUm',
	'pieceLengthMm',
	'pieceG'
] as const;

/** Piles as they are given to a statement, with the cut each is of. */
const givenPiles = `unnest($2::uuid[], $3::text[], $4::text[], $5::text[], $6::float8[], $7::float8[],
		$8::float8[], $9::float8[], $10::float8[])
		with ordinality as g (kind_id, colour, form, style, width, per_bag, thickness, length, mass, nth)
	left join cut c on c.group_id = $1 and c.style = g.style and c.strip_width_mm = g.width
		and c.pieces_per_bag = g.per_bag and c.thickness_um = g.thickness
		and c.piece_length_mm = g.length and c.piece_g = g.mass`;

const linesText = `select g.nth, l.id as "lineId" from ${givenPiles}
	join line l on l.group_id = $1 and l.kind_id = g.kind_id and l.colour = g.colour
		and l.form = g.form and l.cut_id is not distinct from c.id
	where g.style is null or c.id is not null`;

/** What is asked of the lines of some piles, in the order of the piles: lines are begun where they are new. */
async function ofLines<Row>(
	db: Db,
	keys: readonly PileKey[],
	ask: (values: readonly Parameter[]) => Promise<Row[]>
): Promise<Row[]> {
	if (keys.length === 0) return [];
	const values = [
		db.groupId,
		keys.map(({ kindId }) => kindId),
		keys.map(({ colour }) => colour),
		keys.map(({ form }) => form),
		keys.map(({ cut }) => cut?.style ?? null),
		...cutNumbers.map((figure) => keys.map(({ cut }) => cut?.[figure] ?? null))
	];
	for (let attempt = 1; attempt <= 3; attempt++) {
		const found = await ask(values);
		if (found.length === keys.length) return found;
		for (const { cut } of keys) if (cut) await cutIdOf(db, cut);
		await db.execute(
			`insert into line (group_id, kind_id, colour, form, cut_id)
			 select distinct $1::uuid, g.kind_id, g.colour, g.form, c.id from ${givenPiles}
			 order by 2, 3, 4, 5 on conflict do nothing`,
			values
		);
	}
	throw new Error('piles found no line to lie in');
}

/** The lines of some piles, in the order they are asked for. */
const linesOf = async (db: Db, keys: readonly PileKey[]): Promise<number[]> =>
	(
		await ofLines(db, keys, (values) =>
			db.many<{ nth: number; lineId: number }>(`${linesText} order by g.nth`, values)
		)
	).map(({ lineId }) => lineId);

/**
 * The piles of the store with these keys as they stand now, held until the transaction ends: who acts
 * on one of them meanwhile waits. All are held in the order of their lines.
 */
export async function holdPiles(db: Db, keys: readonly PileKey[]): Promise<HeldPile[]> {
	const held = await ofLines(db, keys, (values) =>
		db.many<{ lineId: number; amount: number; filmMg: number }>(
			`with asked as materialized (${linesText}),
				held as materialized (select line_id, amount, film_mg from balance
					where group_id = $1 and holder = 'store' and line_id in (select "lineId" from asked)
					order by line_id for update)
			 select a."lineId", coalesce(h.amount, 0) as amount, coalesce(h.film_mg, 0) as "filmMg"
			 from asked a left join held h on h.line_id = a."lineId" order by a.nth`,
			values
		)
	);
	return keys.map((key, at): HeldPile => {
		const { lineId = 0, amount = 0, filmMg = 0 } = held[at] ?? {};
		return { ...key, lineId, amount, filmMg };
	});
}

/** So much put on a pile or taken from it, in the store, in a mat or against the difference. */
export interface BookedMove extends PileMove {
	readonly at: 'store' | 'mat' | 'difference';
	/** The mat that takes it; null elsewhere. */
	readonly matId: number | null;
}

/** Books what an act moves; its film sums to nothing, and no pile goes below it. */
export async function bookMoves(
	db: Db,
	entryId: number,
	moves: readonly BookedMove[],
	held: readonly HeldPile[]
): Promise<void> {
	const known = new Map(held.map((pile) => [pileWord(pile), pile.lineId]));
	const others = moves.filter((move) => !known.has(pileWord(move)));
	const lineIds = await linesOf(db, others);
	for (const [at, move] of others.entries()) known.set(pileWord(move), lineIds[at] ?? 0);
	await db.execute(
		`insert into movement (group_id, entry_id, part, line_id, holder, thing_id, amount, film_mg)
		 select $1, $2, g.nth, g.line_id, g.holder, g.thing_id, g.amount, g.film_mg
		 from unnest($3::bigint[], $4::text[], $5::bigint[], $6::numeric[], $7::bigint[])
			with ordinality as g (line_id, holder, thing_id, amount, film_mg, nth) order by g.nth`,
		[
			db.groupId,
			entryId,
			moves.map((move) => known.get(pileWord(move)) ?? 0),
			moves.map(({ at }) => at),
			moves.map(({ matId }) => matId),
			moves.map(({ amount }) => amount),
			moves.map(({ filmMg }) => filmMg)
		]
	);
}
