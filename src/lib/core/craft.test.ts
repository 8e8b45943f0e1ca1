import { barePractice } from './practice/practice';
import { noFactors } from './factors/factors';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bagPresets } from './bag/presets';
import { sweepStripWidths, variedCut, withStripWidth } from './compare/width-sweep';
import { edgeDrift } from './techniques/crochet/edge-drift';
import { intentOf } from './techniques/crochet/hook-intents';
import { hooksOfLetter } from './techniques/crochet/hook-letters';
import { hooks, nearestHookMm, suitableHookMm } from './techniques/crochet/hooks';
import { rowsPerBall } from './techniques/crochet/rows-per-ball';
import { crochetMat } from './techniques/crochet/crochet-mat';
import { crochetRelations } from './techniques/crochet/crochet-relations';
import { stitches } from './techniques/crochet/stitches';
import { evenWidths } from './cut/even-widths';
import { cuttingStack, foldsOf } from './cut/stack';
import { usableHeightMm } from './cut/usable-height';
import { cutBag } from './cut/cut-bag';
import { DomainError, isWithin, positive, within } from './domain-error';
import { cuttingSecondsPerBag, stations, totalSeconds } from './effort/stations';
import { waysOf, taskOf, tasks, taskUnits } from './effort/tasks';
import { jointKinds, takeUpMm } from './joint/joints';
import { isJointFor, usualJoint } from './cut/joint-for-cut';
import { jointDensity } from './joint/joint-density';
import { coverGrade, coverGrades, coverShare } from './techniques/cover-grade';
import { techniqueKinds } from './techniques/technique';
import { sleeperOutline } from './size/sleeper-outline';
import { bulkDiameterMm } from './strand/bulk-diameter';
import { handleStrand } from './strand/handle-strand';
import { spinStrand } from './cut/spin';
import { linearDensityKtex, strandStrength } from './strand/strength';
import { panelsFor } from './techniques/twined/panels';
import { parseMass } from './units/parse-mass';

const [carrier, shopBag, pouch] = bagPresets;
const quarters = { style: 'loops', equalStrips: 4, trimBottomMm: 50, trimTopMm: 50 } as const;
const wrong = [NaN, Infinity, -Infinity, -1, 0];

describe('a value outside the domain of a relation', () => {
	it('names its parameter, its value and its bound', () => {
		const thrown = (() => {
			try {
				return within('rows', -3, { atLeast: 0, isWhole: true });
			} catch (error) {
				return error;
			}
		})();
		expect(thrown).toMatchObject({
			name: 'DomainError',
			parameter: 'rows',
			value: -3,
			bound: { atLeast: 0 }
		});
		expect((thrown as Error).message).toBe('rows is -3; allowed: {"atLeast":0,"isWhole":true}');
	});

	it.each([
		[5, { atLeast: 5 }, true],
		[5, { moreThan: 5 }, false],
		[5, { atMost: 5 }, true],
		[5.5, { isWhole: true }, false],
		[NaN, {}, false],
		[Infinity, {}, false]
	])('%s within %j is %s', (value, bound, is) => expect(isWithin(value, bound)).toBe(is));

	it.each(wrong)('is refused as positive: %s', (value) =>
		expect(() => positive('x', value)).toThrow(DomainError)
	);
});

describe('a strand', () => {
	it('is as thick as its plastic and its packing make it', () => {
		// A disc of packing one and area pi has a diameter of two.
		expect(bulkDiameterMm(Math.PI, 1)).toBeCloseTo(2, 12);
		expect(bulkDiameterMm(1, 0.2) / bulkDiameterMm(1, 0.8)).toBeCloseTo(2, 12);
	});

	it.each(wrong)('of section %s is refused', (section) => {
		expect(() => bulkDiameterMm(section, 0.2)).toThrow(DomainError);
		expect(() => strandStrength(section)).toThrow(DomainError);
		expect(() => linearDensityKtex(section)).toThrow(DomainError);
	});

	it('holds twenty newtons a square millimetre, half of it at a joint', () => {
		expect(strandStrength(1.5)).toEqual({ strandN: 30, jointN: 15 });
		expect(linearDensityKtex(2)).toBeCloseTo(1.9, 9);
	});

	it('that is spun keeps its film: shorter and thicker by the same', () => {
		const cut = cutBag(carrier.bag, quarters);
		for (const [spin, share] of [
			['single', 0.94],
			['two-ply', 0.47]
		] as const) {
			const spun = spinStrand(cut, spin);
			expect(spun.strandPerBagMm / cut.strandPerBagMm).toBeCloseTo(share, 9);
			expect(spun.solidSectionMm2 * spun.strandPerBagMm).toBeCloseTo(
				cut.solidSectionMm2 * cut.strandPerBagMm,
				6
			);
			expect(spun.packing).toBe(0.35);
		}
		expect(spinStrand(cut, 'none')).toBe(cut);
	});

	it('of handles is two pieces a bag, and none without handles', () => {
		expect(handleStrand(pouch.bag)).toBeNull();
		const handles = handleStrand(carrier.bag);
		expect(handles?.pieces).toBe(2);
		expect(handles?.massG).toBeLessThan(carrier.bag.massG);
		expect(handleStrand({ ...carrier.bag, handleMm: 1 })?.strandPerBagMm).toBe(0);
	});
});

describe('joints', () => {
	it('go with the cut: rings loop, open strips are knotted or slit', () => {
		expect(usualJoint('loops')).toBe('loop');
		expect(usualJoint('spiral')).toBe('overhand');
		expect(jointKinds.filter((kind) => isJointFor(kind, 'spiral'))).toEqual(['overhand', 'slit']);
		expect(jointKinds.filter((kind) => isJointFor(kind, 'half-bag'))).toEqual(['loop', 'overhand']);
	});

	it('take of a piece what the craft says', () => {
		expect(takeUpMm('loop', 3)).toBe(18);
		expect(takeUpMm('overhand', 3)).toBe(42);
		expect(takeUpMm('slit', 3)).toBe(40);
	});

	it('lie as thick as they are many', () => {
		expect(jointDensity(300, 100, 1.5e6)).toEqual({ perRow: 3, perSquareMetre: 200 });
		expect(() => jointDensity(1, 0, 1)).toThrow(DomainError);
		expect(() => jointDensity(1, 1, 0)).toThrow(DomainError);
	});
});

describe('hooks', () => {
	it('suit a strand from twice its thickness to two and six tenths', () => {
		const { near, far } = suitableHookMm(3.5);
		expect(near).toBeCloseTo(7, 9);
		expect(far).toBeCloseTo(9.1, 9);
	});

	it('in use are in order, and their letters up to L and old numbers each named once', () => {
		const sizes = hooks.map(({ mm }) => mm);
		expect(sizes).toEqual([...sizes].sort((a, b) => a - b));
		expect([sizes.length, sizes[0], sizes.at(-1)]).toEqual([28, 2, 30]);
		const letters = hooks.flatMap(({ mm, us }) => (us && mm <= 8 ? [us] : []));
		const numbers = hooks.flatMap(({ uk }) => (uk ? [uk] : []));
		for (const names of [letters, numbers]) expect(new Set(names).size).toBe(names.length);
	});

	it('are asked after where makers give one letter to several', () => {
		expect(hooksOfLetter('h')).toEqual([5]);
		expect(hooksOfLetter(' n ')).toEqual([9, 10]);
		expect(hooksOfLetter('P')).toEqual([10, 11.5, 15]);
		expect(hooksOfLetter('T')).toEqual([25, 30]);
		expect(hooksOfLetter('Z')).toEqual([]);
	});

	it('serve an intent by how they stand to the strand', () => {
		const of = (ratio: number) => intentOf(ratio * 4, 4);
		expect([1.59, 1.61, 2.01, 2.61, 3.49, 3.51].map(of)).toEqual([
			'drags',
			'dense',
			'usual',
			'loose',
			'loose',
			'net'
		]);
	});

	it.each([
		[0, 2],
		[7.2, 7],
		[7.75, 7.5],
		[7.76, 8],
		[13, 12],
		[99, 30]
	])('near %s mm is %s mm', (size, hook) => expect(nearestHookMm(size)).toBe(hook));

	it('smaller than the strand do not shrink the stitch in proportion', () => {
		const half = crochetRelations.sizeMm(4, 3.5) / crochetRelations.sizeMm(8, 3.5);
		expect(half).toBeGreaterThan(0.5);
		expect(half).toBeLessThan(1);
	});
});

describe('crochet', () => {
	const target = { widthMm: 850, lengthMm: 1850 };
	it.each(['sc', 'hdc', 'dc'] as const)('of %s comes out within a stitch and a row', (stitch) =>
		fc.assert(
			fc.property(
				fc.double({ min: 4, max: 20, noNaN: true }),
				fc.double({ min: 1.5, max: 8, noNaN: true }),
				fc.constantFrom('across' as const, 'lengthwise' as const),
				(hookMm, d, direction) => {
					const mat = crochetMat(
						target,
						{ kind: 'crochet', stitch, hookMm, direction },
						d,
						noFactors
					);
					const [across, along] = mat.isLengthwise
						? [mat.rowHeightMm, mat.stitchWidthMm]
						: [mat.stitchWidthMm, mat.rowHeightMm];
					expect(Math.abs(mat.widthMm - target.widthMm)).toBeLessThanOrEqual(across / 2 + 1e-6);
					expect(Math.abs(mat.lengthMm - target.lengthMm)).toBeLessThanOrEqual(along / 2 + 1e-6);
					expect(mat.makeSeconds).toBeCloseTo(
						mat.rows * mat.stitches * stitches[stitch].seconds,
						6
					);
				}
			)
		)
	);

	it('rows that a ball makes are its strand over a row’s', () => {
		expect(rowsPerBall(43_000, 10_750)).toBe(4);
		for (const bad of wrong) {
			expect(() => rowsPerBall(bad, 1)).toThrow(DomainError);
			expect(() => rowsPerBall(1, bad)).toThrow(DomainError);
		}
	});

	it('edges tell how many stitches went missing, or came in', () => {
		expect(edgeDrift(850, 850, 10)).toEqual({ kind: 'even' });
		expect(edgeDrift(846, 850, 10)).toEqual({ kind: 'even' });
		expect(edgeDrift(829, 850, 10)).toEqual({ kind: 'narrows', stitches: 2 });
		expect(edgeDrift(880, 850, 10)).toEqual({ kind: 'waves', stitches: 3 });
		expect(() => edgeDrift(850, 0, 10)).toThrow(DomainError);
	});
});

describe('cutting', () => {
	it('leaves what the trims leave, and refuses trims that take all', () => {
		expect(usableHeightMm(carrier.bag, { trimBottomMm: 50, trimTopMm: 50 })).toBe(285);
		expect(() => usableHeightMm(carrier.bag, { trimBottomMm: 300, trimTopMm: 85 })).toThrow(
			DomainError
		);
		expect(() => usableHeightMm(carrier.bag, { trimBottomMm: -1, trimTopMm: 0 })).toThrow(
			DomainError
		);
	});

	it('without an off-cut is at the widths that divide the bag, widest first', () => {
		const widths = evenWidths(285, 20, 100);
		expect(widths[0]).toEqual({ strips: 3, widthMm: 95 });
		for (const { strips, widthMm } of widths) {
			expect(strips * widthMm).toBeCloseTo(285, 9);
			expect(widthMm).toBeGreaterThanOrEqual(20);
		}
		expect(evenWidths(285, 300, 400)).toEqual([]);
	});

	it.each([
		[1, 0],
		[2, 1],
		[3, 0],
		[4, 2],
		[8, 3],
		[16, 0]
	])('%s equal rings are folded %s times', (equalStrips, folds) =>
		expect(foldsOf({ ...quarters, equalStrips })).toBe(folds)
	);

	it('goes through two walls a bag, four at a gusset, doubled by each fold', () => {
		const stack = cuttingStack(carrier.bag, quarters, 'scissors', 3);
		expect([stack.layers, stack.layersAtGusset]).toEqual([24, 48]);
		expect(cuttingStack(pouch.bag, quarters, 'scissors', 3).layersAtGusset).toBe(24);
		const blade = cuttingStack(carrier.bag, quarters, 'rolling-blade');
		expect([blade.bags, blade.folds, blade.layers]).toEqual([20, 0, 40]);
		expect(() => cuttingStack(carrier.bag, quarters, 'scissors', 0)).toThrow(DomainError);
		expect(() => cuttingStack(carrier.bag, quarters, 'scissors', 1.5)).toThrow(DomainError);
	});

	it('says how many bags the tool takes before it tires', () => {
		for (const { bag } of bagPresets) {
			const { bagsWithinLimit, limitMm } = cuttingStack(bag, quarters, 'scissors');
			if (bagsWithinLimit > 0)
				expect(cuttingStack(bag, quarters, 'scissors', bagsWithinLimit).filmMm).toBeLessThanOrEqual(
					limitMm + 1e-9
				);
			expect(cuttingStack(bag, quarters, 'scissors', bagsWithinLimit + 1).filmMm).toBeGreaterThan(
				limitMm
			);
		}
	});
});

describe('time', () => {
	it('to cut a bag has its share of the stack', () => {
		expect(cuttingSecondsPerBag('loops', 'scissors')).toBe(24);
		expect(cuttingSecondsPerBag('whole-tube', 'rolling-blade')).toBe(9.5);
		expect(cuttingSecondsPerBag('spiral', 'rolling-blade')).toBe(150);
		expect(cuttingSecondsPerBag('half-bag', 'scissors')).toBe(45);
	});

	it('of all stations adds up, and every station counts something', () => {
		const each = Object.fromEntries(stations.map((station, at) => [station, at + 1]));
		expect(totalSeconds(each as never)).toBe(36);
		for (const work of tasks)
			for (const way of waysOf(work)) expect(taskUnits[work].ways[way]).toBeGreaterThan(0);
	});

	it('to make a mat belongs to its technique, all else to its station', () => {
		expect(taskOf('make', 'twined')).toBe('twined');
		expect(taskOf('join', 'twined')).toBe('join');
		for (const kind of techniqueKinds)
			for (const station of stations) expect(tasks).toContain(taskOf(station, kind));
	});
});

describe('cover', () => {
	it.each(techniqueKinds)('of %s is graded at its own bounds', (kind) => {
		const { close, fair } = coverGrades[kind];
		expect(coverGrade(kind, close)).toBe('close');
		expect(coverGrade(kind, close - 1e-12)).toBe('close');
		expect(coverGrade(kind, (close + fair) / 2)).toBe('fair');
		expect(coverGrade(kind, fair)).toBe('fair');
		expect(coverGrade(kind, fair - 0.01)).toBe('gaps');
		expect(coverShare(kind, close)).toBe(1);
	});
});

describe('a frame smaller than the mat', () => {
	it('makes equal panels, joined along the warp', () => {
		expect(panelsFor({ widthMm: 850, lengthMm: 1850 }, { widthMm: 400, lengthMm: 1900 })).toEqual({
			across: 3,
			along: 1,
			count: 3,
			widthMm: 850 / 3,
			lengthMm: 1850,
			seamAlongMm: 3700,
			seamAcrossMm: 0
		});
	});

	it('that fits exactly makes one', () =>
		expect(
			panelsFor({ widthMm: 800, lengthMm: 1800 }, { widthMm: 800, lengthMm: 1800 }).count
		).toBe(1));

	it.each(wrong)('of %s is refused', (widthMm) =>
		expect(() => panelsFor({ widthMm: 800, lengthMm: 1800 }, { widthMm, lengthMm: 1 })).toThrow(
			DomainError
		)
	);
});

describe('a sleeper', () => {
	it('is as long as tall, and grows in proportion', () => {
		const { head, outer, inner } = sleeperOutline(1750);
		expect(outer.at(-1)?.alongMm).toBe(1750);
		expect(inner[0]?.alongMm).toBe(1750);
		expect(head.alongMm - head.halfLengthMm).toBeCloseTo(0, 9);
		expect(sleeperOutline(3500).head.halfWidthMm).toBeCloseTo(2 * head.halfWidthMm, 9);
		// Going down the outer side one never goes up again.
		const along = outer.map(({ alongMm }) => alongMm);
		expect(along).toEqual([...along].sort((a, b) => a - b));
	});

	it.each(wrong)('%s tall is refused', (height) =>
		expect(() => sleeperOutline(height)).toThrow(DomainError)
	);
});

describe('a mass as a kitchen scale shows it', () => {
	it.each([
		['52', 52],
		['52 g', 52],
		['52g', 52],
		['0,05 kg', 50],
		['1 oz', 28.349523125],
		['2 LB', 907.18474],
		['−3', -3]
	])('%j is %s g', (text, g) => expect(parseMass(text, 'g').g).toBeCloseTo(g, 9));

	it.each(['', '  '])('%j is empty', (text) =>
		expect(parseMass(text, 'g').problem).toEqual({ code: 'empty' })
	);

	it.each(['heavy', '5 stone', '1 2', '1.', '.5', '1e3'])('%j is not understood', (text) =>
		expect(parseMass(text, 'g').problem).toEqual({ code: 'not-understood', part: text })
	);
});

describe('strip width against work', () => {
	const crochet = {
		bag: shopBag.bag,
		cut: { style: 'loops', stripWidthMm: 40, trimBottomMm: 12, trimTopMm: 12 },
		target: { widthMm: 800, lengthMm: 1800 },
		technique: { kind: 'crochet', stitch: 'sc', hookMm: 9 }
	} as const;
	const loom = {
		...crochet,
		cut: { style: 'whole-tube', trimBottomMm: 12, trimTopMm: 12 },
		technique: { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: crochet.cut }
	} as const;

	it('is swept over the widths a bag allows, for a loom over those of its weft', () => {
		for (const plan of [crochet, loom]) {
			const points = sweepStripWidths(plan, barePractice, 20);
			expect(points.length).toBeGreaterThan(15);
			const widths = points.map(({ stripWidthMm }) => stripWidthMm);
			expect(widths).toEqual([...widths].sort((a, b) => a - b));
			for (const { bags, hours, cover } of points)
				for (const figure of [bags, hours, cover]) expect(figure).toBeGreaterThan(0);
		}
		expect(variedCut(loom)).toBe(crochet.cut);
	});

	it('has nothing to sweep where the cut has no width', () => {
		const halves = { ...crochet, cut: { style: 'half-bag' } } as const;
		expect(variedCut(halves)).toBeNull();
		expect(sweepStripWidths(halves, barePractice)).toEqual([]);
		expect(withStripWidth(halves, 30)).toBe(halves);
	});

	it('of equal strips becomes a measured width', () => {
		const cut = withStripWidth({ ...crochet, cut: quarters }, 33).cut;
		expect(cut).toEqual({
			style: 'loops',
			stripWidthMm: 33,
			trimBottomMm: 50,
			trimTopMm: 50
		});
	});
});
