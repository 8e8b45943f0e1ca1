import type { MovementLine } from '$lib/stages/gather/lines';
import { oddMovement } from '$lib/core/gather/odd-count';
import type { CorrectionEntry } from '$lib/entries/types/correction';
import type { MovementEntry } from '$lib/entries/types/movement';
import type { Form } from '$lib/core/store/forms';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { StoreLine } from '$lib/stages/gather/store-view';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { saveResultOf, keptUnder, refuse } from '$lib/server/db/save-result';
import { withTransaction } from '$lib/server/db/transaction';
import { many, maybeOne } from '$lib/server/db/verbs';

/** What the store holds, a line for each kind, colour and form that there is any of. */
export const listBalances = (groupId: GroupId): Promise<StoreLine[]> =>
	many<StoreLine>(
		`select b.kind_id as "kindId", k.name as kind, b.colour, b.form, b.amount,
			b.moved_at as "movedAt"
		 from balance b join bag_kind k on k.group_id = b.group_id and k.id = b.kind_id
		 where b.group_id = $1 and b.amount > 0 order by k.name, b.colour, b.form`,
		[groupId]
	);

/** Movements shown of one line at a time. */
export const movementsPerPage = 25;

/** The newest movements of one line of the store, or the ones before a movement; one more than a page, to show that there are more. */
export const listMovements = (
	groupId: GroupId,
	line: { readonly kindId: string; readonly colour: string; readonly form: string },
	before = Number.MAX_SAFE_INTEGER
): Promise<MovementLine[]> =>
	many<MovementLine>(
		`select m.id, m.amount, m.reason, m.note, m.by_name as "byName", m.moved_at as "movedAt",
			m.corrects, c.id as "correctedBy"
		 from movement m
		 left join movement c on c.group_id = m.group_id and c.corrects = m.id
		 where m.group_id = $1 and m.kind_id = $2 and m.colour = $3 and m.form = $4 and m.id < $5
		 order by m.id desc limit $6`,
		[groupId, line.kindId, line.colour, line.form, before, movementsPerPage + 1]
	);

export interface Move {
	readonly key: string;
	readonly kindId: string;
	readonly colour: string;
	readonly form: Form;
	readonly amount: number;
	readonly reason: string;
	readonly note: string | null;
	readonly byName: string | null;
	readonly corrects?: number | null;
	readonly movedAt: Date;
}

/** Appends to the ledger; null where the key is there already. */
export const append = (client: PoolClient, groupId: GroupId, move: Move) =>
	maybeOne<{ id: number }>(
		`insert into movement (group_id, key, kind_id, colour, form, amount, reason, note, by_name, corrects,
			moved_at)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11)
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
			move.corrects ?? null,
			move.movedAt
		],
		client
	);

/** The sentence for what the database refused; null where it refused nothing we know. */
export function refusalOf(error: unknown): SaveResult | null {
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

/** Saved, or refused with the sentence for what the database would not have. */
export async function orRefusal(work: Promise<SaveResult>): Promise<SaveResult> {
	try {
		return await work;
	} catch (error) {
		const refusal = refusalOf(error);
		if (refusal) return refusal;
		throw error;
	}
}

/** Books a movement of the store, whole or not at all. */
export const keepMovement = (
	groupId: GroupId,
	key: string,
	entry: MovementEntry,
	at = new Date()
): Promise<SaveResult> =>
	orRefusal(
		withTransaction(async (client): Promise<SaveResult> => {
			const { isSure, ...move } = entry;
			const odd = oddMovement(entry.amount, entry.form === 'scrap');
			if (odd && !isSure && !(await keptUnder('movement', groupId, key, client)))
				return refuse('sure', oddCountWords(odd));
			const kept = await append(client, groupId, { key, ...move, movedAt: at });
			return saveResultOf(kept, 'movement', groupId, key, client);
		})
	);

/** Takes a movement back by its opposite; each movement only once, and never a correction. */
export const keepCorrection = (
	groupId: GroupId,
	key: string,
	entry: Omit<CorrectionEntry, 'type' | 'of'>,
	at = new Date()
): Promise<SaveResult> =>
	orRefusal(
		withTransaction(async (client): Promise<SaveResult> => {
			const again = await keptUnder('movement', groupId, key, client);
			if (again) return { outcome: 'duplicate', id: again.id };
			const wrong = await maybeOne<Pick<Move, 'kindId' | 'colour' | 'form' | 'amount' | 'reason'>>(
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
				corrects: entry.corrects,
				movedAt: at
			});
			return saveResultOf(kept, 'movement', groupId, key, client);
		})
	);
