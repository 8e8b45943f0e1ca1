import { describe, expect, it } from 'vitest';
import { measureBag } from '../bag/measure-bag';
import { bagPresets } from '../bag/presets';
import { cutBag } from './cut-bag';
import { sketchBag } from './sketch-bag';
import { cuttingStack, foldsOf } from './stack';
import type { Cut } from './types';

const [carrier, , pouch] = bagPresets.map(({ bag }) => bag);
if (!carrier || !pouch) throw new Error('three presets are wanted');
const trims = { trimBottomMm: 50, trimTopMm: 50 };

/** A sketch in short: bands with their heights and rings, lines with their points. */
const shortly = (bag: typeof carrier, cut: Cut) => {
	const { bands, lines, areHandlesUsed } = sketchBag(bag, cut);
	return {
		areHandlesUsed,
		bands: bands.map(({ kind, fromMm, toMm, ring }) => `${kind} ${fromMm}-${toMm} ${ring ?? ''}`),
		lines: lines.map(({ kind, from, to }) => `${kind} ${from.join(',')} ${to.join(',')}`)
	};
};

describe('a bag laid flat shows', () => {
	it('rings of one width, cut across between, trims and handles off', () =>
		expect(shortly(carrier, { style: 'loops', equalStrips: 4, ...trims })).toEqual({
			areHandlesUsed: false,
			bands: [
				'trim-bottom 0-50 ',
				'strip 50-121.25 1',
				'strip 121.25-192.5 2',
				'strip 192.5-263.75 3',
				'strip 263.75-335 4',
				'trim-top 335-385 '
			],
			lines: ['50', '121.25', '192.5', '263.75', '335'].map((y) => `across 0,${y} 300,${y}`)
		}));

	it('rings of a measured width with the short one that is left', () =>
		expect(shortly(carrier, { style: 'loops', stripWidthMm: 60, ...trims }).bands).toEqual([
			'trim-bottom 0-50 ',
			'strip 50-110 1',
			'strip 110-170 2',
			'strip 170-230 3',
			'strip 230-290 4',
			'short-strip 290-335 5',
			'trim-top 335-385 '
		]));

	it('an offcut where what is left is too narrow for a ring', () =>
		expect(
			shortly(carrier, { style: 'loops', stripWidthMm: 70, ...trims }).bands.slice(-2)
		).toEqual(['offcut 330-335 ', 'trim-top 335-385 ']));

	it('a spiral: across below and above, slit to the margin and slanted between the turns', () =>
		expect(shortly(carrier, { style: 'spiral', stripWidthMm: 90, marginMm: 20, ...trims })).toEqual(
			{
				areHandlesUsed: false,
				bands: [
					'trim-bottom 0-50 ',
					'strip 50-140 1',
					'strip 140-230 2',
					'strip 230-320 3',
					'offcut 320-335 ',
					'trim-top 335-385 '
				],
				lines: [
					'across 0,50 300,50',
					'slit 0,140 280,140',
					'slant 280,140 300,230',
					'slit 0,230 280,230',
					'slant 280,230 300,320',
					'across 0,320 300,320',
					'across 0,335 300,335'
				]
			}
		));

	it('a margin no wider than half the bag, and the craft’s where none is said', () => {
		const slitTo = (marginMm?: number) =>
			sketchBag(carrier, { style: 'spiral', stripWidthMm: 90, marginMm, ...trims }).lines.find(
				({ kind }) => kind === 'slit'
			)?.to[0];
		expect([slitTo(1000), slitTo()]).toEqual([150, 265]);
	});

	it('turns that fill the bag to the last millimetre, without an offcut', () =>
		expect(
			shortly(carrier, { style: 'spiral', stripWidthMm: 95, ...trims }).bands.map(
				(band) => band.split(' ')[0]
			)
		).toEqual(['trim-bottom', 'strip', 'strip', 'strip', 'trim-top']));

	it('a half bag, cut down its middle with its handles on', () =>
		expect(shortly(carrier, { style: 'half-bag' })).toEqual({
			areHandlesUsed: true,
			bands: ['strip 0-385 1'],
			lines: ['down 150,385 150,0']
		}));

	it('a whole tube with its handles off, kept, and cut at their base where no top is trimmed', () => {
		const tube = { style: 'whole-tube', trimBottomMm: 12 } as const;
		expect(shortly(carrier, { ...tube, trimTopMm: 30, handles: 'cut' })).toEqual({
			areHandlesUsed: false,
			bands: ['trim-bottom 0-12 ', 'strip 12-355 1', 'trim-top 355-385 '],
			lines: ['across 0,12 300,12', 'across 0,355 300,355']
		});
		expect(shortly(carrier, { ...tube, trimTopMm: 30, handles: 'kept' })).toEqual({
			areHandlesUsed: true,
			bands: ['trim-bottom 0-12 ', 'strip 12-385 1'],
			lines: ['across 0,12 300,12']
		});
		expect(shortly(carrier, { ...tube, trimTopMm: 0 }).lines).toEqual([
			'across 0,12 300,12',
			'across 0,385 300,385'
		]);
		// A pouch has no handles to cut off.
		expect(shortly(pouch, { ...tube, trimTopMm: 0 }).lines).toEqual(['across 0,12 310,12']);
	});
});

describe('a spiral', () => {
	it('holds the film of its strip, and leaves the rest as an offcut', () => {
		const measures = measureBag(carrier);
		const given = cutBag(carrier, { style: 'spiral', stripWidthMm: 50, ...trims });
		const cutMm = 4 * Math.hypot(measures.circumferenceMm, 50);
		expect(given.offcutMm).toBeCloseTo(285 - 250, 9);
		expect(given.pieceLengthMm).toBeCloseTo(cutMm - 120, 9);
		expect(given.filmUsedG).toBeCloseTo(0.00095 * measures.filmThicknessMm * 50 * cutMm, 9);
	});

	it('of a narrow tube holds no more film than its turns, and is refused where its ends eat it', () => {
		const narrow = { ...pouch, flatWidthMm: 60, massG: 2 };
		const measures = measureBag(narrow);
		const given = cutBag(narrow, { style: 'spiral', stripWidthMm: 130, ...trims });
		expect(given.turns).toBe(2);
		expect(given.filmUsedG).toBeCloseTo(
			0.00095 *
				measures.filmThicknessMm *
				130 *
				Math.min(Math.hypot(measures.circumferenceMm, 130), 2 * measures.circumferenceMm),
			9
		);
		expect(() =>
			cutBag(
				{ ...narrow, flatWidthMm: 41, bodyMm: 200 },
				{ style: 'spiral', stripWidthMm: 40, ...trims }
			)
		).toThrow('pieceLengthMm');
	});
});

describe('a stack', () => {
	it('is folded for equal rings of two, four and eight alone', () => {
		const folds = (equalStrips?: number) => foldsOf({ style: 'loops', equalStrips, ...trims });
		expect([1, 2, 3, 4, 8, 16, undefined].map(folds)).toEqual([0, 1, 0, 2, 3, 0, 0]);
		expect(foldsOf({ style: 'half-bag' })).toBe(0);
	});

	it('takes as many bags as its limit has room for, to the last one', () => {
		const thick = { ...pouch, massG: 2 * 310 * 400 * 0.05 * 0.00095 };
		const cut = { style: 'loops', equalStrips: 1, ...trims } as const;
		// 0.05 mm of film, two walls a bag: 15 bags are the scissors' 1.5 mm exactly.
		expect(cuttingStack(thick, cut, 'scissors').bagsWithinLimit).toBe(15);
	});
});
