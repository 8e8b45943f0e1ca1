import type { Side } from '$lib/entries/types/row';
import type { Typed } from '$lib/entries/form-reader';

/** What a device has done and not read yet. */
interface Ahead {
	readonly type: string;
	readonly typed: Typed;
}

/** Rows at one end of a mat as this device has them: what was read, then what it did since, in its order. */
export function rowsHere(read: number, ahead: readonly Ahead[], mat: string, side: Side): number {
	let count = read;
	for (const { type, typed } of ahead) {
		if (typed['mat'] !== mat || (typed['side'] ?? 'near') !== side) continue;
		if (type === 'row') count += typed['step'] === '-1' ? -1 : 1;
		else if (type === 'rows') count = Number(typed['to']);
	}
	return Math.max(0, count);
}

/** What was seen by whoever says a number of rows: as the entry has it. */
export const seenText = (
	seen: readonly { readonly side: Side; readonly device: string; readonly sequence: number }[],
	side: Side,
	own: { readonly device?: string; readonly sequence?: number }
): string =>
	[
		...seen.filter((one) => one.side === side && one.device !== own.device),
		...(own.device !== undefined && own.sequence !== undefined
			? [{ device: own.device, sequence: own.sequence }]
			: [])
	]
		.map(({ device, sequence }) => `${device}:${sequence}`)
		.join(' ');
