// The same photographs spoiled on purpose: each is named by what is wrong with it, and no figure is given.
import sharp, { type Sharp } from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { measure } from '../../src/lib/core/photo/measure';
import type { Picture } from '../../src/lib/core/photo/light';
import type { Sight } from '../../src/lib/core/photo/sight';
import { fileOf, pictureOf, sightHere } from '../photos/within';

let sight: Sight;
beforeAll(async () => {
	sight = await sightHere();
});

const pixels = async (picture: Sharp): Promise<Picture> => {
	const { data, info } = await picture.ensureAlpha().raw().toBuffer({ resolveWithObject: true });
	return { width: info.width, height: info.height, data: new Uint8Array(data) };
};
const of = (file: string) => sharp(fileOf(file));

/** A picture with a part of it laid over another place. */
function pasted(
	{ width, height, data }: Picture,
	from: readonly [number, number, number, number],
	to: readonly [number, number]
): Picture {
	const [left, top, wide, high] = from;
	const out = new Uint8Array(data);
	for (let y = 0; y < high; y++)
		out.set(
			data.subarray(((top + y) * width + left) * 4, ((top + y) * width + left + wide) * 4),
			((to[1] + y) * width + to[0]) * 4
		);
	return { width, height, data: out };
}

/** A picture with a part pushed down by up to so many pixels, most in the middle: as if the paper were bent. */
function bent({ width, height, data }: Picture, from: number, to: number, by: number): Picture {
	const out = new Uint8Array(data);
	for (let x = from; x < to; x++) {
		const shift = Math.round(by * Math.sin((Math.PI * (x - from)) / (to - from)));
		for (let y = 0; y + shift < height; y++)
			for (let colour = 0; colour < 4; colour++)
				out[(y * width + x) * 4 + colour] = data[((y + shift) * width + x) * 4 + colour] as number;
	}
	return { width, height, data: out };
}

describe('a spoiled photograph', () => {
	it('without a sheet', async () => {
		const bare = await pixels(
			of('tests/photos/a04.jpg').extract({ left: 500, top: 700, width: 500, height: 400 })
		);
		expect(measure(bare, 'bag', sight).problem).toBe('no-board');
	});

	it('with a sheet cut off', async () => {
		const cut = await pixels(
			of('tests/photos/c01.jpg').extract({ left: 0, top: 0, width: 1114, height: 1200 })
		);
		expect(measure(cut, 'swatch', sight).problem).toBe('board-cut');
	});

	it.each([6, 9])('blurred by %d pixels', async (by) => {
		expect(measure(await pixels(of('tests/photos/a01.jpg').blur(by)), 'bag', sight).problem).toBe(
			'blurred'
		);
	});

	it('too dark: refused, or measured with a warning and right', async () => {
		const night = await pixels(of('tests/photos/a01.jpg').linear(0.02, 0));
		expect(measure(night, 'bag', sight).problem).toBe('dark');
		const dusk = measure(await pixels(of('tests/photos/a01.jpg').linear(0.4, 0)), 'bag', sight);
		expect(dusk.problem === null && dusk.isDark).toBe(true);
		expect(dusk.problem === null && dusk.measures.width_mm?.value).toBeCloseTo(411.5, -1);
	});

	it('with one sheet twice', async () => {
		const picture = await pictureOf('tests/photos/c01.jpg');
		const twice = pasted(picture, [1020, 330, 500, 700], [0, 480]);
		expect(measure(twice, 'swatch', sight).problem).toBe('twice');
	});

	it('with a sheet that is not flat', async () => {
		const picture = await pictureOf('tests/photos/a01.jpg');
		expect(measure(bent(picture, 200, 640, 12), 'bag', sight).problem).toBe('not-flat');
	});

	it('with the thing cut off', async () => {
		const cut = await pixels(
			of('tests/photos/c01.jpg').extract({ left: 0, top: 0, width: 700, height: 1200 })
		);
		expect(measure(cut, 'swatch', sight).problem).toBe('cut-off');
	});

	it('with nothing beside the sheet', async () => {
		const picture = await pictureOf('tests/photos/c04.jpg');
		const { width, height, data } = picture;
		const out = new Uint8Array(data);
		let chance = 1;
		for (let y = 0; y < height; y++)
			for (let x = 860; x < width; x++) {
				chance = (chance * 16_807) % 2_147_483_647;
				const grain = (chance % 15) - 7;
				for (let colour = 0; colour < 3; colour++) out[(y * width + x) * 4 + colour] = 196 + grain;
			}
		expect(measure({ width, height, data: out }, 'swatch', sight).problem).toBe('no-contrast');
	});
});
