import type { GroupId } from '../base/group-id';
import { refuse, type SaveResult } from '../db/save-result';
import { maybeOne } from '../db/verbs';
import { coordinatorsEntries } from '../doors/acts';
import type { Role } from '../base/roles';
import type { SentEntry } from './take-entry';

/** The type of an entry that is to be taken back, by its number or its key. */
const typeOf = async (groupId: GroupId, typed: SentEntry['typed']): Promise<string | null> =>
	(
		await maybeOne<{ type: string }>(
			'select type from entry where group_id = $1 and (id::text = $2 or key::text = $2)',
			[groupId, typed['corrects'] ?? '']
		)
	)?.type ?? null;

/** Why an entry is not kept for someone of this role; null where it may be. Taking back asks for what the entry itself asked for. */
export async function notTheirs(
	role: Role | null,
	groupId: GroupId,
	{ type, typed }: Pick<SentEntry, 'type' | 'typed'>
): Promise<SaveResult | null> {
	if (role === 'coordinator') return null;
	if (role !== 'helper')
		return refuse('entry', 'You read here; a helper or a coordinator types it.');
	const meant = type === 'correction' ? await typeOf(groupId, typed) : type;
	// Named in a way that is not found here, it could still be found by what takes back.
	if (meant === null) return refuse('corrects', 'That is not in the book any more.');
	return coordinatorsEntries.has(meant)
		? refuse('entry', 'This is typed by a coordinator of the group.')
		: null;
}
