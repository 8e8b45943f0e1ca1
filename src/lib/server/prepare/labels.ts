import type { Db } from '$lib/server/db/db';
import { readCode } from '$lib/core/code/code';
import type { LengthSystem } from '$lib/core/units/format-length';
import { labelLines } from '$lib/stages/prepare/label-words';
import type { Label } from '$lib/server/sheets/label-scene';
import { findBlock } from '$lib/server/book/codes';
import { thingsOf } from './balls';

/** The most labels made at once: forty sheets of the largest. */
export const mostLabels = 400;

/** The codes that some texts are, each once and no more than labels are made at once; what is no code is left out. */
export function labelCodesIn(texts: readonly unknown[]): string[] {
	const codes = texts.flatMap((text) => {
		const read = readCode(String(text).slice(0, 20));
		return read.problem === undefined ? [read.code] : [];
	});
	return [...new Set(codes)].slice(0, mostLabels);
}

/** Where the square code of a label leads. */
const thingAddress = (origin: string, code: string): string => `${origin}/prepare/things/${code}`;

/** The labels of some things by their codes; what is no ball and no chain has its code alone. */
export async function labelsOf(
	db: Db,
	codes: readonly string[],
	origin: string,
	system: LengthSystem
): Promise<Label[]> {
	return (await thingsOf(db, codes)).map(({ code, sort, content }) => ({
		code,
		address: thingAddress(origin, code),
		lines: sort === 'ball' || sort === 'chain' ? labelLines(sort, content, system) : [sort]
	}));
}

/** Blank labels of a block of codes that was reserved. */
export async function blankLabels(db: Db, block: number, origin: string): Promise<Label[]> {
	const { codes = [] } = (await findBlock(db, block)) ?? {};
	return codes
		.slice(0, mostLabels)
		.map((code) => ({ code, address: thingAddress(origin, code), lines: [] }));
}
