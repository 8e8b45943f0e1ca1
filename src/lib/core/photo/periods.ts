/** How strongly lines of a texture repeat at each of some lengths, by the mean power of all of them. */
export interface Spectrum {
	/** Times in one pixel, evenly from 0. */
	readonly perPixel: Float64Array;
	readonly power: Float64Array;
}

/**
 * Mean power of the lines of a texture, along x or along y, at evenly spaced frequencies.
 *
 * @param values in rows, `width` × `height`, with what is even over the whole already taken off
 * @param range of frequencies, times a pixel: above `from` to `most`, so many steps
 * @example spectrumAlong('x', new Float32Array(64), { width: 8, height: 8 }, { most: 0.5, steps: 4 }).power.length // 4
 */
export function spectrumAlong(
	axis: 'x' | 'y',
	values: Float32Array,
	{ width, height }: { width: number; height: number },
	{ from = 0, most, steps }: { from?: number; most: number; steps: number }
): Spectrum {
	const [long, lines] = axis === 'x' ? [width, height] : [height, width];
	const [stride, jump] = axis === 'x' ? [1, width] : [width, 1];
	const window = Float64Array.from(
		{ length: long },
		(_, at) => 0.5 - 0.5 * Math.cos((2 * Math.PI * (at + 0.5)) / long)
	);
	const perPixel = Float64Array.from(
		{ length: steps },
		(_, nth) => from + ((nth + 1) * (most - from)) / steps
	);
	const power = new Float64Array(steps);
	for (let nth = 0; nth < steps; nth++) {
		const turn = 2 * Math.PI * perPixel[nth]!;
		const cosines = window.map((w, at) => w * Math.cos(turn * at));
		const sines = window.map((w, at) => w * Math.sin(turn * at));
		let sum = 0;
		// Neighbouring lines look alike: every other one tells as much.
		for (let line = 0; line < lines; line += 2) {
			let [re, im] = [0, 0];
			for (let at = 0, index = line * jump; at < long; at++, index += stride) {
				const v = values[index]!;
				re += v * cosines[at]!;
				im += v * sines[at]!;
			}
			sum += re * re + im * im;
		}
		power[nth] = sum / Math.ceil(lines / 2);
	}
	return { perPixel, power };
}
