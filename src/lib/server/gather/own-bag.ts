import type { Bag } from '$lib/core/bag/measure-bag';
import { bagPresets } from '$lib/core/bag/presets';
import type { GroupId } from '$lib/server/base/group-id';
import { listKinds } from './kinds';

/** Bags that an act can be drawn with, in the order they are tried: the group's first kind, then the usual one. */
export async function ownBags(
	groupId: GroupId
): Promise<readonly { readonly bag: Bag; readonly bagName: string }[]> {
	const [kind] = await listKinds(groupId);
	const usual = { bag: bagPresets[0].bag, bagName: 'a thin carrier' };
	return kind ? [{ bag: kind, bagName: `your ${kind.name}` }, usual] : [usual];
}
