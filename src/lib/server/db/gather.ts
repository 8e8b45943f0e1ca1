import type { ColourName } from '$lib/core/colour/colours';
import type {
	CorrectionEntry,
	DropOffEntry,
	Form,
	MovementEntry,
	SortingEntry
} from '$lib/gather/entries';
import type { PoolClient } from 'pg';
import type { GroupId } from '../group';
import { withTransaction } from './transaction';
import { many, maybeOne, one } from './verbs';

export interface PlaceLine {
	readonly id: string;
	readonly name: string;
	readonly bags: number;
	readonly sorted: number;
	readonly rejected: number;
	readonly lastCame: string | null;
}

export interface KindLine {
	readonly id: string;
	readonly name: string;
	readonly flatWidthMm: number;
	readonly gussetMm: number;
	readonly bodyMm: number;
	readonly handleMm: number;
	readonly massG: number;
}

export interface DropOffLine {
	readonly id: number;
	readonly place: string;
	readonly cameOn: string;
	readonly broughtBy: string | null;
	readonly sacks: number;
	readonly method: DropOffEntry['method'];
	readonly bags: number;
	readonly bagsLow: number;
	readonly bagsHigh: number;
	readonly note: string | null;
}

export interface BalanceLine {
	readonly kindId: string;
	readonly kind: string;
	readonly colour: ColourName;
	readonly form: Form;
	readonly amount: number;
	readonly movedAt: Date;
}

export interface MovementLine {
	readonly id: number;
	readonly amount: number;
	readonly reason: string;
	readonly note: string | null;
	readonly byName: string | null;
	readonly movedAt: Date;
	readonly corrects: number | null;
	readonly correctedBy: number | null;
}

/** How an entry went. `again`: the same key was there already, and it counts once. */
export type Booked =
	| { readonly outcome: 'kept' | 'again'; readonly id: number }
	| { readonly outcome: 'refused'; readonly problems: Readonly<Record<string, string>> };

const refuse = (field: string, sentence: string): Booked => ({
	outcome: 'refused',
	problems: { [field]: sentence }
});

export const listPlaces = (groupId: GroupId): Promise<PlaceLine[]> =>
	many<PlaceLine>(
		`select p.id, p.name, coalesce(d.bags, 0) as bags, coalesce(s.sorted, 0) as sorted,
			coalesce(s.rejected, 0) as rejected, to_char(d.last_came, 'YYYY-MM-DD') as "lastCame"
		 from place p
		 left join (select place_id, sum(bags) as bags, max(came_on) as last_came
			from drop_off where group_id = $1 group by place_id) d on d.place_id = p.id
		 left join (select place_id, sum(strand + stuffing + rejected) as sorted,
			sum(stuffing + rejected) as rejected
			from sorting where group_id = $1 group by place_id) s on s.place_id = p.id
		 where p.group_id = $1 order by p.name`,
		[groupId]
	);

export const listKinds = (groupId: GroupId): Promise<KindLine[]> =>
	many<KindLine>(
		`select id, name, flat_width_mm as "flatWidthMm", gusset_mm as "gussetMm",
			body_mm as "bodyMm", handle_mm as "handleMm", mass_g as "massG"
		 from bag_kind where group_id = $1 order by created_at, name`,
		[groupId]
	);

export const listDropOffs = (groupId: GroupId, limit = 50): Promise<DropOffLine[]> =>
	many<DropOffLine>(
		`select d.id, p.name as place, to_char(d.came_on, 'YYYY-MM-DD') as "cameOn",
			d.brought_by as "broughtBy", d.sacks, d.method, d.bags, d.bags_low as "bagsLow",
			d.bags_high as "bagsHigh", d.note
		 from drop_off d join place p on p.group_id = d.group_id and p.id = d.place_id
		 where d.group_id = $1 order by d.came_on desc, d.id desc limit $2`,
		[groupId, limit]
	);

/** What the store holds, a line for each kind, colour and form that there is any of. */
export const listBalances = (groupId: GroupId): Promise<BalanceLine[]> =>
	many<BalanceLine>(
		`select b.kind_id as "kindId", k.name as kind, b.colour, b.form, b.amount,
			b.moved_at as "movedAt"
		 from balance b join bag_kind k on k.group_id = b.group_id and k.id = b.kind_id
		 where b.group_id = $1 and b.amount > 0 order by k.name, b.colour, b.form`,
		[groupId]
	);

/** The newest movements of one line of the store. */
export const listMovements = (
	groupId: GroupId,
	line: { readonly kindId: string; readonly colour: string; readonly form: string },
	limit = 100
): Promise<MovementLine[]> =>
	many<MovementLine>(
		`select m.id, m.amount, m.reason, m.note, m.by_name as "byName", m.moved_at as "movedAt",
			m.corrects, c.id as "correctedBy"
		 from movement m
		 left join movement c on c.group_id = m.group_id and c.corrects = m.id
		 where m.group_id = $1 and m.kind_id = $2 and m.colour = $3 and m.form = $4
		 order by m.id desc limit $5`,
		[groupId, line.kindId, line.colour, line.form, limit]
	);

export const listDrying = (groupId: GroupId) =>
	many<{ id: number; place: string; drying: number; lookAgainAt: Date }>(
		`select s.id, p.name as place, s.drying, s.look_again_at as "lookAgainAt"
		 from sorting s join place p on p.group_id = s.group_id and p.id = s.place_id
		 where s.group_id = $1 and s.look_again_at is not null and s.looked_again_at is null
		 order by s.look_again_at`,
		[groupId]
	);

const placeOf = (client: PoolClient, groupId: GroupId, name: string): Promise<{ id: string }> =>
	one<{ id: string }>(
		`insert into place (group_id, name) values ($1, $2)
		 on conflict (group_id, lower(btrim(name))) do update set name = place.name returning id`,
		[groupId, name],
		client
	);

/** The movement kept under a key, or null: that is how a resend is known. */
const keptUnder = (
	table: 'drop_off' | 'sorting' | 'movement',
	groupId: GroupId,
	key: string,
	client?: PoolClient
) =>
	maybeOne<{ id: number }>(
		`select id from ${table} where group_id = $1 and key = $2`,
		[groupId, key],
		client
	);

export function keepDropOff(groupId: GroupId, key: string, entry: DropOffEntry): Promise<Booked> {
	return withTransaction(async (client) => {
		const place = await placeOf(client, groupId, entry.place);
		const kept = await maybeOne<{ id: number }>(
			`insert into drop_off (group_id, key, place_id, came_on, brought_by, sacks, method, bags,
				bags_low, bags_high, weighing, note)
			 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)
			 on conflict (group_id, key) do nothing returning id`,
			[
				groupId,
				key,
				place.id,
				entry.cameOn,
				entry.broughtBy,
				entry.sacks,
				entry.method,
				entry.bags,
				entry.bagsLow,
				entry.bagsHigh,
				entry.weighing,
				entry.note
			],
			client
		);
		return kept
			? { outcome: 'kept', id: kept.id }
			: { outcome: 'again', id: (await keptUnder('drop_off', groupId, key, client))?.id ?? 0 };
	});
}

interface Move {
	readonly key: string;
	readonly kindId: string;
	readonly colour: string;
	readonly form: Form;
	readonly amount: number;
	readonly reason: string;
	readonly note: string | null;
	readonly byName: string | null;
	readonly corrects?: number | null;
}

const append = (client: PoolClient | undefined, groupId: GroupId, move: Move) =>
	maybeOne<{ id: number }>(
		`insert into movement (group_id, key, kind_id, colour, form, amount, reason, note, by_name, corrects)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)
		 on conflict (group_id, key) do nothing returning id`,
		[
			groupId,
			move.key,
			move.kindId,
			move.colour,
			move.form,
			move.amount,
			move.reason,
			move.note,
			move.byName,
			move.corrects ?? null
		],
		client
	);

/** The sentence for what the database refused; null where it refused nothing we know. */
function refusalOf(error: unknown): Booked | null {
	const { code, constraint } = error as { code?: string; constraint?: string };
	if (code === '23514' && /balance/.test(constraint ?? ''))
		return refuse(
			'amount',
			'There is not that much in the store. Count again, or put in what is missing first.'
		);
	if (code === '23503') return refuse('kind', 'That kind of bag is not in the list any more.');
	if (code === '23505' && /corrects/.test(constraint ?? ''))
		return refuse('corrects', 'That movement was taken back already.');
	return null;
}

async function orRefusal(work: Promise<Booked>): Promise<Booked> {
	try {
		return await work;
	} catch (error) {
		const refusal = refusalOf(error);
		if (refusal) return refusal;
		throw error;
	}
}

/** Books a movement of the store: one statement, so that it is whole or not at all. */
export const keepMovement = (
	groupId: GroupId,
	key: string,
	entry: MovementEntry
): Promise<Booked> =>
	orRefusal(
		(async (): Promise<Booked> => {
			const kept = await append(undefined, groupId, { key, ...entry });
			if (kept) return { outcome: 'kept', id: kept.id };
			return { outcome: 'again', id: (await keptUnder('movement', groupId, key))?.id ?? 0 };
		})()
	);

/** Takes a movement back by its opposite; each movement only once, and never a correction. */
export const keepCorrection = (
	groupId: GroupId,
	key: string,
	entry: CorrectionEntry
): Promise<Booked> =>
	orRefusal(
		withTransaction(async (client): Promise<Booked> => {
			const again = await keptUnder('movement', groupId, key, client);
			if (again) return { outcome: 'again', id: again.id };
			const wrong = await maybeOne<Omit<Move, 'key'> & { reason: string }>(
				`select kind_id as "kindId", colour, form, amount, reason from movement
				 where group_id = $1 and id = $2`,
				[groupId, entry.corrects],
				client
			);
			if (!wrong) return refuse('corrects', 'That movement is not in the ledger.');
			if (wrong.reason === 'correction')
				return refuse('corrects', 'That is a correction itself. Book what is right instead.');
			const kept = await append(client, groupId, {
				...wrong,
				key,
				amount: -wrong.amount,
				reason: 'correction',
				note: entry.note,
				byName: entry.byName,
				corrects: entry.corrects
			});
			return kept
				? { outcome: 'kept', id: kept.id }
				: { outcome: 'again', id: (await keptUnder('movement', groupId, key, client))?.id ?? 0 };
		})
	);

/** A second key for what an entry brings with it, always the same for the same entry. */
const partKey = (key: string, part: number): string =>
	key.slice(0, 24) + (BigInt(`0x${key.slice(24)}`) ^ BigInt(part)).toString(16).padStart(12, '0');

/** Keeps what was sorted, and puts what is good for strand and for stuffing into the store with it. */
export const keepSorting = (groupId: GroupId, key: string, entry: SortingEntry): Promise<Booked> =>
	orRefusal(
		withTransaction(async (client): Promise<Booked> => {
			const place = await placeOf(client, groupId, entry.place);
			const kept = await maybeOne<{ id: number }>(
				`insert into sorting (group_id, key, place_id, strand, stuffing, drying, rejected, look_again_at)
				 values ($1, $2, $3, $4, $5, $6, $7, now() + make_interval(hours => $8::integer))
				 on conflict (group_id, key) do nothing returning id`,
				[
					groupId,
					key,
					place.id,
					entry.strand,
					entry.stuffing,
					entry.drying,
					entry.rejected,
					entry.lookAgainHours
				],
				client
			);
			if (!kept)
				return {
					outcome: 'again',
					id: (await keptUnder('sorting', groupId, key, client))?.id ?? 0
				};
			const { kindId, colour, byName } = entry;
			const move = {
				kindId,
				colour,
				byName,
				reason: 'sorted',
				note: `from ${entry.place}`.slice(0, 400)
			};
			if (entry.strand > 0)
				await append(client, groupId, {
					...move,
					key: partKey(key, 1),
					form: 'bag',
					amount: entry.strand
				});
			if (entry.stuffing > 0)
				await append(client, groupId, {
					...move,
					key: partKey(key, 2),
					form: 'stuffing',
					amount: entry.stuffing
				});
			return { outcome: 'kept', id: kept.id };
		})
	);

/** Marks drying bags as looked at again. */
export const lookedAgain = (groupId: GroupId, id: number): Promise<{ id: number } | null> =>
	maybeOne<{ id: number }>(
		`update sorting set looked_again_at = now()
		 where group_id = $1 and id = $2 and looked_again_at is null returning id`,
		[groupId, id]
	);
