import type { LengthSystem } from '$lib/core/units/format-length';
import type { StitchTerms } from '$lib/plan/stitch-words';
import type { GroupId } from '../group';
import { execute, one } from './verbs';

/** What a group is called and how it likes to read. */
export interface Group {
	readonly name: string;
	readonly lengthSystem: LengthSystem;
	readonly stitchTerms: StitchTerms;
}

export const findGroup = (groupId: GroupId): Promise<Group> =>
	one<Group>(
		`select name, length_system as "lengthSystem", stitch_terms as "stitchTerms"
		 from volunteer_group where id = $1`,
		[groupId]
	);

/** Changes the units or the stitch names; what is null stays as it is. */
export const setWordsOfGroup = (
	groupId: GroupId,
	lengthSystem: LengthSystem | null,
	stitchTerms: StitchTerms | null
): Promise<number> =>
	execute(
		`update volunteer_group set length_system = coalesce($2, length_system),
			stitch_terms = coalesce($3, stitch_terms) where id = $1`,
		[groupId, lengthSystem, stitchTerms]
	);
