import { codeOf, readCode } from '$lib/core/code/code';
import type { LengthSystem } from '$lib/core/units/format-length';
import { labelLines } from '$lib/stages/prepare/label-words';
import type { GroupId } from '$lib/server/base/group-id';
import type { Label } from '$lib/server/sheets/label-scene';
import { blockCodes, thingsOf } from './balls';

/** The most labels made at once: forty sheets of the largest. */
export const mostLabels = 400;

/** Where the square code of a label leads. */
export const thingAddress = (origin: string, code: string): string =>
	`${origin}/prepare/things/${code}`;

/** The labels of some things by their codes; what is no ball and no chain has its code alone. */
export async function labelsOf(
	groupId: GroupId,
	codes: readonly string[],
	origin: string,
	system: LengthSystem
): Promise<Label[]> {
	const read = codes.slice(0, mostLabels).flatMap((text) => {
		const code = readCode(text);
		return code.problem === undefined ? [code.code] : [];
	});
	return (await thingsOf(groupId, [...new Set(read)])).map(({ code, sort, content }) => ({
		code,
		address: thingAddress(origin, code),
		lines: sort === 'ball' || sort === 'chain' ? labelLines(sort, content, system) : [sort]
	}));
}

/** Blank labels of a block of codes that was reserved. */
export async function blankLabels(
	groupId: GroupId,
	block: number,
	origin: string
): Promise<Label[]> {
	const found = await blockCodes(groupId, block);
	return Array.from({ length: Math.min(mostLabels, found?.count ?? 0) }, (_, nth) => {
		const code = codeOf((found?.first ?? 0) + nth);
		return { code, address: thingAddress(origin, code), lines: [] };
	});
}
