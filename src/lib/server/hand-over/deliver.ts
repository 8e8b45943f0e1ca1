import { deliver as say } from '$lib/words/hand-over';
import type { Db } from '$lib/server/db/db';
import type { DeliverEntry, ReceivedEntry, SentBackEntry } from '$lib/entries/types/deliver';
import { codeFor } from '$lib/server/book/codes';
import type { Booked } from '$lib/server/book/entries';
import type { ThingLine } from '$lib/server/book/things';
import { bindThing, findThing, happenTo, holdThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { matSizes, type MatSize } from './mat-sizes';
import { contentOf } from '$lib/server/book/thing-content';

/** Why something cannot be sent; null where it can. */
type WhyNot = (thing: ThingLine | null, code: string) => string | null;

const whyNotMat: WhyNot = (thing, code) => {
	if (!thing || thing.sort !== 'mat') return say.noMatOfThisGroup({ code });
	if (thing.state === 'delivered' || thing.state === 'received')
		return say.wasAlreadyDelivered({ code });
	return thing.state === 'good' ? null : say.wasNotFoundGoodYet({ code });
};
const whyNotPillow: WhyNot = (thing, code) => {
	if (!thing || thing.sort !== 'pillow' || thing.state === null)
		return say.noPillowOfThisGroup({ code });
	return thing.state === 'made' ? null : say.wasAlreadyDelivered({ code });
};

/** The things with some labels; the sentence of the first that cannot be sent. */
async function toSend(
	db: Db,
	codes: readonly string[],
	whyNot: WhyNot
): Promise<ThingLine[] | string> {
	const things: ThingLine[] = [];
	for (const code of codes) {
		const thing = await findThing(db, code);
		const why = whyNot(thing, code);
		if (why !== null || !thing) return why ?? '';
		things.push(thing);
	}
	return things;
}

/** Writes down what a mat was as it went, and that it did. */
async function sendMat(db: Db, entryId: number, thing: ThingLine, size: MatSize): Promise<void> {
	const { widthMm, lengthMm, massG, bags, filmMg, timedMin, estimatedMin } = size;
	await db.execute(
		`insert into delivery_mat (group_id, entry_id, thing_id, width_mm, length_mm, mass_g, bags, film_mg,
			timed_min, estimated_min)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
		[db.groupId, entryId, thing.id, widthMm, lengthMm, massG, bags, filmMg, timedMin, estimatedMin]
	);
	await happenTo(db, entryId, thing.id, 'delivered');
}

/** The same of a pillow, with the mat that it goes with. */
async function sendPillow(
	db: Db,
	entryId: number,
	pillow: ThingLine,
	matId: number | null
): Promise<void> {
	const { bags, filmMg } = contentOf('pillow', pillow.content);
	await db.execute(
		`insert into delivery_pillow (group_id, entry_id, thing_id, mat_id, bags, film_mg)
		 values ($1, $2, $3, $4, $5, $6)`,
		[db.groupId, entryId, pillow.id, matId, bags, filmMg]
	);
	await happenTo(db, entryId, pillow.id, 'delivered');
}

/** Sends good mats to a place: each leaves by one delivery at most, and none before it was found good. */
export const keepDeliver = (
	db: Db,
	{ placeId, mats, pillows, goesOn, crate, gathering, note }: DeliverEntry,
	{ entryId, key }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const place = await db.maybeOne<{ id: string }>(
			'select id from place where group_id = $1 and id = $2 and receives_mats for share',
			[db.groupId, placeId]
		);
		if (!place) return refuse('place', say.thatPlaceIsNotAmong());
		// Held in one order, so that two deliveries of the same mats wait for each other.
		await db.many<{ id: number }>(
			'select id from thing where group_id = $1 and code = any($2::text[]) order by id for update',
			[db.groupId, [...mats, ...pillows]]
		);
		const things = await toSend(db, mats, whyNotMat);
		if (typeof things === 'string') return refuse('mats', things);
		const soft = await toSend(db, pillows, whyNotPillow);
		if (typeof soft === 'string') return refuse('pillows', soft);
		const code = await codeFor(db, key);
		if (!code) return refuse('mats', say.thisGroupHasUsedAll());
		const bound = await bindThing(db, entryId, { code, sort: 'delivery', plan: null, content: {} });
		if (bound.outcome === 'refused') return bound;
		const { widthMm, depthMm, heightMm } = crate;
		await db.execute(
			`insert into delivery (group_id, entry_id, thing_id, place_id, goes_on, crate_width_mm, crate_depth_mm,
				crate_height_mm, gathering, note)
			 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10)`,
			[
				...[db.groupId, entryId, Number(bound.id), placeId, goesOn],
				...[widthMm, depthMm, heightMm, gathering, note]
			]
		);
		const sizes = await matSizes(db, mats);
		for (const thing of things) {
			const size = sizes.get(thing.code);
			if (!size) return refuse('mats', say.theSizeOfIsNot({ code: thing.code }));
			await sendMat(db, entryId, thing, size);
		}
		for (const [at, pillow] of soft.entries())
			await sendPillow(db, entryId, pillow, things[at]?.id ?? null);
		return { outcome: 'kept', id: entryId };
	});

/** Keeps that a delivery has come, with all of it that has not gone back; once. */
export const keepReceived = (
	db: Db,
	{ delivery }: ReceivedEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		await holdThing(db, delivery);
		const thing = await findThing(db, delivery);
		if (!thing || thing.sort !== 'delivery' || thing.state === null)
			return refuse('delivery', say.noDeliveryOfThisGroup());
		if (thing.state === 'received') return refuse('delivery', say.wasReceivedAlready({ delivery }));
		await happenTo(db, entryId, thing.id, 'received');
		const mats = await db.many<{ id: number }>(
			`select x.thing_id as id from standing_delivery d
			 join (select group_id, entry_id, thing_id from delivery_mat
				union all select group_id, entry_id, thing_id from delivery_pillow) x
				on x.group_id = d.group_id and x.entry_id = d.entry_id
			 join thing_state s on s.group_id = x.group_id and s.thing_id = x.thing_id and s.what = 'delivered'
			 where d.group_id = $1 and d.thing_id = $2 order by x.thing_id`,
			[db.groupId, thing.id]
		);
		for (const { id } of mats) await happenTo(db, entryId, id, 'received');
		return { outcome: 'kept', id: entryId };
	});

/** Keeps that a mat came back: it is checked again. */
export const keepSentBack = (
	db: Db,
	{ mat }: SentBackEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		await holdThing(db, mat);
		const thing = await findThing(db, mat);
		if (!thing || thing.sort !== 'mat') return refuse('mat', say.noMatOfThisGroup2());
		if (thing.state !== 'delivered' && thing.state !== 'received')
			return refuse('mat', say.wasNotDelivered({ mat }));
		await happenTo(db, entryId, thing.id, 'sent-back');
		return { outcome: 'kept', id: entryId };
	});
