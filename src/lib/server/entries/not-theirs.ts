import { notTheirs as msg } from '$lib/words/house';
import type { Db } from '../db/db';
import { replacedBy } from '$lib/entries/replaces';
import { correctables, type Correctable } from '$lib/entries/types/correction';
import { findCorrected } from '../gather/taken-back';
import { refuse, type SaveResult } from '../db/save-result';
import { coordinatorsEntries } from '../auth/permissions';
import type { Role } from '../base/roles';
import type { SentEntry } from './take-entry';

/** The type of an entry that is to be taken back, as its own keeper will find it. */
const typeOf = async (db: Db, { of, corrects }: Named): Promise<string | null> =>
	(await findCorrected(db, of, corrects))?.type ?? null;

/** How an entry names another: what it is called, and its number or key. */
interface Named {
	readonly of: Correctable;
	readonly corrects: string;
}

/** What a correction names; a movement where it does not say what, as its reader has it. */
const namedBy = (typed: SentEntry['typed']): Named => ({
	of: correctables.find((one) => one === typed['of']) ?? 'movement',
	corrects: (typed['corrects'] ?? '').trim().toLowerCase()
});

/** Why an entry is not kept for someone of this role; null where it may be. Taking back asks for what the entry itself asked for. */
export async function notTheirs(
	role: Role | null,
	db: Db,
	{ type, typed }: Pick<SentEntry, 'type' | 'typed'>
): Promise<SaveResult | null> {
	if (role === 'coordinator') return null;
	if (role !== 'helper') return refuse('entry', msg.youReadHereAHelper());
	const replaced = replacedBy(typed);
	const meant = [
		type === 'correction' ? await typeOf(db, namedBy(typed)) : type,
		...(replaced ? [await typeOf(db, replaced)] : [])
	];
	if (meant.includes(null)) return refuse('corrects', msg.thatIsNotInThe());
	return meant.some((one) => one !== null && coordinatorsEntries.has(one))
		? refuse('entry', msg.onlyACoordinatorOfThe())
		: null;
}
