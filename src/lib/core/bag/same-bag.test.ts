import { describe, expect, it } from 'vitest';
import type { Bag } from './measure-bag';
import { bagPresets } from './presets';
import { kindNearBag, kindOfBag } from './same-bag';

const kinds: readonly Bag[] = bagPresets.map(({ bag }) => bag);
const carrier: Bag = bagPresets[0].bag;
const like = (more: Partial<Bag>): Bag => ({ ...carrier, ...more });

describe('a bag of one’s own', () => {
	it('is of a kind within a ruler’s slack, and near one within a few per cent', () => {
		const same = like({ flatWidthMm: 302 });
		expect([kindOfBag(same, kinds), kindNearBag(same, kinds)]).toEqual([carrier, null]);
		const near = like({ flatWidthMm: 312, massG: 6 });
		expect([kindOfBag(near, kinds), kindNearBag(near, kinds)]).toEqual([null, carrier]);
		const heavier = like({ massG: 6.3 });
		expect([kindOfBag(heavier, kinds), kindNearBag(heavier, kinds)]).toEqual([null, carrier]);
	});

	it('is near none where a size or its mass is far off', () => {
		for (const more of [{ flatWidthMm: 360 }, { massG: 9 }, { bodyMm: 420 }])
			expect(kindNearBag(like(more), kinds), JSON.stringify(more)).toBeNull();
	});
});
