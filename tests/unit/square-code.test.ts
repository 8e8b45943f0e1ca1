import jsQR from 'jsqr';
import { expect, it } from 'vitest';
import { squareCode } from '$lib/server/sheets/square-code';

/** Reads a drawn code as a telephone would: from dots of black and white. */
function read(path: string, sizeMm: number): string | null {
	const dots = 330;
	const perMm = dots / sizeMm;
	const pixels = new Uint8ClampedArray(dots * dots * 4).fill(255);
	for (const [, x, y, width, height] of path.matchAll(
		/M([\d.e-]+) ([\d.e-]+)h([\d.e-]+)v([\d.e-]+)h/g
	)) {
		const [left, top, right, foot] = [
			Number(x),
			Number(y),
			Number(x) + Number(width),
			Number(y) + Number(height)
		].map((mm) => Math.round(mm * perMm)) as [number, number, number, number];
		for (let row = top; row < foot; row++)
			for (let column = left; column < right; column++)
				pixels.fill(0, (row * dots + column) * 4, (row * dots + column) * 4 + 3);
	}
	return jsQR(pixels, dots, dots)?.data ?? null;
}

it.each([
	'https://mats.example/plan/0b3c1c52-5e53-4e0e-9a55-0d8a3f3f2a11',
	'http://10.0.0.12:4173/plan/0b3c1c52-5e53-4e0e-9a55-0d8a3f3f2a11',
	'HTTPS://MATS.EXAMPLE/C/22222'
])('a square code drawn for paper is read as %s', (address) => {
	const scene = squareCode(address, 34);
	const [mark] = scene.marks;
	if (!mark || !('path' in mark)) throw new Error('a path is wanted');
	expect(read(mark.path, 34)).toBe(address);
	expect(scene.width).toBe(34);
	// The quiet edge all round: nothing is drawn within four cells of it.
	const left = [...mark.path.matchAll(/M([\d.]+)/g)].map(([, x]) => Number(x));
	expect(Math.min(...left)).toBeGreaterThan(2);
});
