import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bagPresets, presetOf } from '../bag/presets';
import { measureBag } from '../bag/measure-bag';
import { sketchBag } from './sketch-bag';
import { DomainError } from '../domain-error';
import { anyPlan } from '../model/plan.arbitrary';
import { cutBag } from './cut-bag';
import { layLoops } from './cut-loops';
import { evenWidths } from './even-widths';

const carrier = bagPresets[0].bag;
const trims = { trimBottomMm: 50, trimTopMm: 50 };

describe('measureBag', () => {
	it('gives the film thickness of a weighed carrier', () => {
		expect(measureBag(carrier).filmThicknessMm * 1000).toBeCloseTo(13.1484, 3);
	});

	it.each([NaN, Infinity, -1, 0])('refuses a width of %f', (flatWidthMm) => {
		expect(() => measureBag({ ...carrier, flatWidthMm })).toThrow(DomainError);
	});

	it('knows a preset again by its measures', () => {
		expect(presetOf({ ...carrier })).toBe('thin-carrier');
		expect(presetOf({ ...carrier, massG: 5.3 })).toBeNull();
	});
});

describe('layLoops', () => {
	it.each([
		[285, 71.25, 4, 0, null],
		[285, 60, 5, 0, 45],
		[285, 65, 4, 25, null],
		[285, 285, 1, 0, null],
		[285, 100, 3, 0, 85]
	])(
		'in %f mm, strips of %f give %i, %f mm over, last one short: %s',
		(usable, stripWidthMm, pieces, over, short) => {
			const laid = layLoops(usable, { style: 'loops', ...trims, stripWidthMm });
			expect(laid.pieces).toBe(pieces);
			expect(laid.offcutMm).toBeCloseTo(over, 6);
			if (short === null) expect(laid.shortStripMm).toBeNull();
			else expect(laid.shortStripMm).toBeCloseTo(short, 6);
		}
	);

	it('never uses more film than lies between the trims', () => {
		fc.assert(
			fc.property(anyPlan, ({ bag, cut }) => {
				const { filmUsedG } = cutBag(bag, cut);
				expect(filmUsedG).toBeLessThanOrEqual(bag.massG * (1 + 1e-9));
				if (cut.style === 'half-bag' || (cut.style === 'whole-tube' && cut.handles === 'kept'))
					return;
				const { circumferenceMm, filmThicknessMm } = measureBag(bag);
				const usable = bag.bodyMm - cut.trimBottomMm - cut.trimTopMm;
				expect(filmUsedG).toBeLessThanOrEqual(
					0.00095 * circumferenceMm * usable * filmThicknessMm * (1 + 1e-9)
				);
			})
		);
	});
});

describe('sketchBag', () => {
	it('fills the body from seam to handles with no gap and no overlap', () => {
		fc.assert(
			fc.property(anyPlan, ({ bag, cut }) => {
				const { bands } = sketchBag(bag, cut);
				expect(bands[0]?.fromMm).toBeCloseTo(0, 6);
				bands
					.slice(1)
					.forEach((band, index) => expect(band.fromMm).toBeCloseTo(bands[index]?.toMm ?? NaN, 6));
				expect(bands.at(-1)?.toMm).toBeCloseTo(bag.bodyMm, 6);
				const { pieces, turns } = cutBag(bag, cut);
				const rings = cut.style === 'half-bag' ? 1 : (turns ?? pieces);
				expect(bands.filter((band) => band.ring !== null)).toHaveLength(rings);
			})
		);
	});
});

describe('evenWidths', () => {
	it('gives only widths that divide the bag whole', () => {
		const widths = evenWidths(285, 25, 150);
		expect(widths.map(({ strips }) => strips)).toEqual([2, 3, 4, 5, 6, 7, 8, 9, 10, 11]);
		for (const { strips, widthMm } of widths) expect(strips * widthMm).toBeCloseTo(285, 9);
	});
});
