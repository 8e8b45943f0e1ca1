import { describe, expect, it } from 'vitest';
import type { ScaleReading } from '$lib/core/gather/scale';
import { readScaleLine, readSerialScale } from './serial-scale';

describe('a line of a scale', () => {
	it.each([
		['ST,GS,+   52.3 g', 52.3, true],
		['US,GS,+   40.1 g', 40.1, false],
		['52,3g', 52.3, null],
		['  1.250 kg', 1250, null],
		['- 3.0 g', -3, null],
		['2 oz', 56.699, null]
	])('%s is %d g', (line, g, isSteady) => {
		const read = readScaleLine(line);
		expect(read?.g).toBeCloseTo(g, 3);
		expect(read?.isSteady).toBe(isSteady);
	});

	it.each(['', 'ERR', '12', 'g', 'zero g', '12 gallons'])('%s is no reading', (line) => {
		expect(readScaleLine(line)).toBeNull();
	});
});

/** A port that writes what it is given and is then pulled out. */
const portOf = (chunks: readonly string[]) => {
	let isClosed = false;
	return {
		isClosed: () => isClosed,
		open: async () => {},
		close: async () => void (isClosed = true),
		readable: new ReadableStream<Uint8Array>({
			start(controller) {
				for (const chunk of chunks) controller.enqueue(new TextEncoder().encode(chunk));
				controller.close();
			}
		})
	};
};

describe('a connected scale', () => {
	it('is read line by line however the port cuts them, steady once it stands still, unplugged at the end', async () => {
		const heard: ScaleReading[] = [];
		const port = portOf(['50', '.0 g\r\n52.0 g\n52.0', ' g\n52.0 g\nERR\n52.0 g\n']);
		await readSerialScale(port, (reading) => heard.push(reading), new AbortController().signal);
		expect(heard).toEqual([
			{ state: 'settling', g: 50 },
			{ state: 'settling', g: 52 },
			{ state: 'settling', g: 52 },
			{ state: 'settling', g: 52 },
			{ state: 'steady', g: 52 },
			{ state: 'unplugged', g: null }
		]);
		expect(port.isClosed()).toBe(true);
	});

	it('goes by the scale’s own word where it says that it stands still', async () => {
		const heard: ScaleReading[] = [];
		await readSerialScale(
			portOf(['ST,GS, 12.0 g\nUS,GS, 13.0 g\n']),
			(reading) => heard.push(reading),
			new AbortController().signal
		);
		expect(heard.slice(0, 2).map(({ state }) => state)).toEqual(['steady', 'settling']);
	});
});
