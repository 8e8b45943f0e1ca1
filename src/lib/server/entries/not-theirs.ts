import { replacedBy } from '$lib/entries/replaces';
import { correctables, type Correctable } from '$lib/entries/types/correction';
import { findCorrected } from '../gather/taken-back';
import type { GroupId } from '../base/group-id';
import { refuse, type SaveResult } from '../db/save-result';
import { coordinatorsEntries } from '../doors/acts';
import type { Role } from '../base/roles';
import type { SentEntry } from './take-entry';

/** The type of an entry that is to be taken back, as its own keeper will find it. */
const typeOf = async (groupId: GroupId, { of, corrects }: Named): Promise<string | null> =>
	(await findCorrected(groupId, of, corrects))?.type ?? null;

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
	groupId: GroupId,
	{ type, typed }: Pick<SentEntry, 'type' | 'typed'>
): Promise<SaveResult | null> {
	if (role === 'coordinator') return null;
	if (role !== 'helper')
		return refuse('entry', 'You read here; a helper or a coordinator types it.');
	const replaced = replacedBy(typed);
	const meant = [
		type === 'correction' ? await typeOf(groupId, namedBy(typed)) : type,
		...(replaced ? [await typeOf(groupId, replaced)] : [])
	];
	if (meant.includes(null)) return refuse('corrects', 'That is not in the book any more.');
	return meant.some((one) => one !== null && coordinatorsEntries.has(one))
		? refuse('entry', 'This is typed by a coordinator of the group.')
		: null;
}
