import { gPerUnit } from '$lib/core/units/parse-mass';
import type { ScaleReading } from '$lib/core/gather/scale';

/** What a page needs of a port; browsers that can reach one have it. */
export interface SerialPort {
	open(options: { baudRate: number }): Promise<void>;
	close(): Promise<void>;
	readonly readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
	requestPort(): Promise<SerialPort>;
}

/** The way to a scale at a port of this machine; null where the browser has none. */
export const serialOf = (): Serial | null =>
	typeof navigator !== 'undefined' && 'serial' in navigator
		? (navigator as Navigator & { serial: Serial }).serial
		: null;

const gPer: Readonly<Record<string, number>> = {
	g: 1,
	kg: 1000,
	oz: gPerUnit.oz,
	lb: gPerUnit.lb
};

/**
 * A line as scales write it, `ST,GS,+  52.3 g` or `52.3g`: grams and whether it stands still. Null for
 * a line that holds no mass with its unit.
 */
export function readScaleLine(
	line: string
): { readonly g: number; readonly isSteady: boolean | null } | null {
	const found = /([-+]?)\s*(\d+(?:[.,]\d+)?)\s*(kg|g|oz|lb)s?\b/i.exec(line);
	if (!found) return null;
	const [, sign, digits = '', unit = ''] = found;
	const g = Number(digits.replace(',', '.')) * (gPer[unit.toLowerCase()] ?? NaN);
	if (!Number.isFinite(g)) return null;
	const isSteady = /\bST\b/.test(line) ? true : /\b(US|UN|SD)\b/.test(line) ? false : null;
	return { g: sign === '-' ? -g : g, isSteady };
}

/** Readings alike before a scale that does not say so itself is taken to stand still. */
const alike = 4;

/** Reads a connected scale until it is stopped or pulled out, line by line. */
export async function readSerialScale(
	port: SerialPort,
	hear: (reading: ScaleReading) => void,
	signal: AbortSignal
): Promise<void> {
	await port.open({ baudRate: 9600 });
	const reader = port.readable?.getReader();
	if (!reader) return hear({ state: 'unplugged', g: null });
	signal.addEventListener('abort', () => void reader.cancel().catch(() => {}));
	const decoder = new TextDecoder();
	let text = '';
	let last: number | null = null;
	let count = 0;
	try {
		for (;;) {
			const { value, done } = await reader.read();
			if (done) break;
			text = (text + decoder.decode(value, { stream: true })).slice(-400);
			const lines = text.split(/\r\n|\r|\n/);
			text = lines.pop() ?? '';
			for (const line of lines) {
				const read = readScaleLine(line);
				if (!read) continue;
				count = read.g === last ? count + 1 : 1;
				last = read.g;
				const isSteady = read.isSteady ?? count >= alike;
				hear({ state: isSteady ? 'steady' : 'settling', g: read.g });
			}
		}
	} catch {
		// Pulled out in the middle of a reading.
	} finally {
		reader.releaseLock();
		await port.close().catch(() => {});
	}
	if (!signal.aborted) hear({ state: 'unplugged', g: null });
}
