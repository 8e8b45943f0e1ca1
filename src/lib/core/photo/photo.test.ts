import { describe, expect, it } from 'vitest';
import { seededRng } from '../statistics/rng';
import { bagOf } from './bag';
import { markerCorners, markerOf, type Corners, type Place } from './board';
import { exampleBag, exampleMeasured, flatPlane, rectangleOutline, traced } from './example';
import { crochetMake, fabricOf, loomMake, type Make } from './fabric';
import { fileProblem, mostBytes } from './header';
import { matOf } from './mat';
import { movedMeasures } from './moved';
import { turnedBack } from './outline';
import { fromBoard, planeOf, waysOf, type View } from './plane';
import { oddOnes, stripOf } from './strips';

/** An outline turned and moved. */
const moved = (outline: readonly Place[], turn: number, x: number, y: number): Place[] =>
	outline.map((place) => {
		const [px, py] = turnedBack(turn, place);
		return [px + x, py + y];
	});

describe('the plane of the boards', () => {
	// A view aslant through a lens that bends outwards, two boards turned anyhow.
	const view: View = {
		mapping: [0.0021, -0.0004, -0.3, 0.0003, 0.0017, -0.4, 0.00018, 0.0004, 1],
		lens: 0.03,
		centre: [799.5, 599.5],
		unit: 800
	};
	const ways = waysOf(view);
	const poses = [
		{ board: 2, x: 0, y: 0, turn: 0, markers: 6, residualMm: 0 },
		{ board: 0, x: 430, y: 160, turn: 1.9, markers: 6, residualMm: 0 }
	];
	const markers = poses.flatMap((pose) =>
		[0, 1, 2, 3, 4, 5].map((nth) => ({
			id: 6 * pose.board + nth,
			corners: markerCorners(nth).map((place) =>
				ways.toPicture(fromBoard(pose, place))
			) as unknown as Corners
		}))
	);

	it('is found with the places of all boards and the lens, to a hundredth of a millimetre', () => {
		const plane = planeOf(markers, { width: 1600, height: 1200 });
		expect(plane?.residualMm).toBeLessThan(0.01);
		const other = plane?.boards.find(({ board }) => board !== plane.boards[0]?.board);
		const [a, b] = [
			ways.toPicture(fromBoard(poses[0]!, [0, 0])),
			ways.toPicture(fromBoard(poses[1]!, [0, 0]))
		].map((place) => plane?.toPlane(place) ?? [0, 0]);
		expect(Math.hypot(a![0] - b![0], a![1] - b![1])).toBeCloseTo(Math.hypot(430, 160), 1);
		expect(Math.abs(Math.abs(other?.turn ?? 0) - 1.9)).toBeLessThan(0.001);
	});

	it('takes the scale from the printer', () => {
		const plane = planeOf(markers, { width: 1600, height: 1200 }, 0.98);
		const [a, b] = [[0, 0] as const, [180, 0] as const].map(
			(place) => plane?.toPlane(ways.toPicture(fromBoard(poses[0]!, place))) ?? [0, 0]
		);
		expect(Math.hypot(a![0] - b![0], a![1] - b![1])).toBeCloseTo(180 * 0.98, 1);
	});

	it('says by what is left over that a board is bent', () => {
		const bent = markers.map(({ id, corners }) => ({
			id,
			corners: corners.map(([x, y]): Place => [
				x,
				y + (markerOf(id)?.board === 0 && [2, 3].includes(id % 6) ? 9 : 0)
			]) as unknown as Corners
		}));
		expect(planeOf(bent, { width: 1600, height: 1200 })?.residualMm).toBeGreaterThan(0.8);
	});
});

describe('a bag’s outline', () => {
	it.each([0, 0.4, 1.57, 3, -2.2])('turned by %d tells width, body and height', (turn) => {
		const bag = bagOf(moved(exampleBag, turn, 200, 300));
		expect(bag.widthMm).toBeCloseTo(300, 0);
		expect(bag.bodyMm).toBeCloseTo(400, 0);
		expect(bag.heightMm).toBeCloseTo(540, 0);
	});

	it('tells them though its sides waver and a thread hangs out', () => {
		const rng = seededRng(5);
		const rough = exampleBag.map(([x, y]): Place => [
			x + 1.5 * Math.sin(y / 23) + 0.3 * rng(),
			y + 1.5 * Math.sin(x / 19)
		]);
		rough.splice(1500, 0, [330, 250], [331, 250]);
		const bag = bagOf(rough);
		expect(Math.abs(bag.widthMm - 300)).toBeLessThan(2.5);
		expect(Math.abs(bag.bodyMm - 400)).toBeLessThan(3);
	});
});

describe('strips', () => {
	it('are as wide as their middle, whatever their ends are', () => {
		const slanted = traced([
			[0, 0],
			[300, 20],
			[296, 72],
			[-4, 48]
		]);
		const strip = stripOf(moved(slanted, 0.7, 50, 20));
		expect(strip?.meanMm).toBeGreaterThan(48);
		expect(strip?.meanMm).toBeLessThan(52);
		expect(strip?.lengthMm).toBeGreaterThan(295);
	});

	it.each<[number[], number[]]>([
		[[48, 47, 58, 46], [2]],
		[[48, 47, 43.1, 46], []],
		[[50, 50], []],
		[
			[50, 44, 50, 56],
			[1, 3]
		]
	])('%j are off at %j', (widths, odd) =>
		expect(oddOnes(widths).flatMap((is, at) => (is ? [at] : []))).toEqual(odd)
	);
});

describe('a fabric’s rows and stitches', () => {
	/** A texture as a make repeats: stitches along x, rows down y, with some chance in it. */
	function texture(make: Make, ends: number, rows: number, endMm: number, rowMm: number) {
		const rng = seededRng(11);
		const mm = 0.6;
		const [width, height] = [
			Math.round((ends * endMm - 8) / mm),
			Math.round((rows * rowMm - 8) / mm)
		];
		const values = Float32Array.from({ length: width * height }, (_, at) => {
			const [x, y] = [((at % width) + 0.5) * mm, (Math.floor(at / width) + 0.5) * mm];
			const row = Math.floor(y / rowMm);
			const turns = make.repeat.ends === 2 && row % 2 ? 1 : 0;
			const along = Math.cos((2 * Math.PI * (x / endMm + turns)) / make.repeat.ends);
			const down = Math.cos((2 * Math.PI * y) / rowMm) + (row % 2 ? 0.6 : -0.6);
			return 0.5 * along * (turns ? 1 : 1) + 0.5 * down + 0.5 * rng();
		});
		return {
			texture: { width, height, mm, values },
			size: {
				x: (ends + make.beyond.ends) * endMm,
				y: (rows + make.beyond.rows) * rowMm
			}
		};
	}

	it.each([
		[8, 11, 12.5, 10.7],
		[16, 8, 10.4, 9.1],
		[21, 23, 8.2, 9.4]
	])('crochet: %d stitches and %d rows', (ends, rows, endMm, rowMm) => {
		const { texture: own, size } = texture(crochetMake, ends, rows, endMm, rowMm);
		const seen = fabricOf(own, size, crochetMake);
		expect([seen?.ends.count, seen?.rows.count]).toEqual([ends, rows]);
		expect(seen?.rows.pitchMm).toBeCloseTo(rowMm, 0);
	});

	it('are not sure where the size leaves half of one over', () => {
		const { texture: own, size } = texture(crochetMake, 12, 14, 10, 10);
		const seen = fabricOf(own, { x: size.x + 5, y: size.y }, crochetMake);
		expect(seen?.ends.isSure).toBe(false);
		expect(seen?.rows.isSure).toBe(true);
	});

	it('are none, or not sure, in chance alone', () => {
		const rng = seededRng(3);
		const own = {
			...{ width: 200, height: 200, mm: 0.6 },
			values: Float32Array.from({ length: 40_000 }, () => rng())
		};
		for (const make of [crochetMake, loomMake]) {
			const seen = fabricOf(own, { x: 128, y: 128 }, make);
			expect(seen === null || !seen.ends.isSure || !seen.rows.isSure).toBe(true);
		}
	});
});

describe('a mat', () => {
	it('that loses a tenth towards its end is said to narrow, and by how much', () => {
		const mat = matOf(
			traced([
				[0, 0],
				[1200, 0],
				[1800, 45],
				[1800, 815],
				[1200, 860],
				[0, 860]
			]),
			flatPlane
		);
		expect(mat.isNarrowing).toBe(true);
		expect(mat.narrowsByMm.value).toBeGreaterThan(60);
		expect(mat.startMm).toBeCloseTo(860, 0);
		expect(mat.lengthMm).toBeCloseTo(1800, -1);
	});

	it('that wavers by a hundredth is not', () => {
		const wavy = rectangleOutline(1800, 860).map(([x, y]): Place => [x, y + 6 * Math.sin(x / 90)]);
		expect(matOf(wavy, flatPlane).isNarrowing).toBe(false);
	});
});

it('an edge that is moved moves its own measure, and is as sure as the hand', () => {
	const wider = movedMeasures(exampleMeasured, [
		{ name: 'strip-0', from: [50, 50], to: [105, 50] }
	]);
	expect(wider['strip-0']?.value).toBeCloseTo(55, 5);
	expect((wider['strip-0']?.high ?? 0) - 55).toBeGreaterThan(1);
	expect(movedMeasures(exampleMeasured, exampleMeasured.edges)['strip-0']?.value).toBe(50);
});

describe('a file', () => {
	const bytes = (...parts: (string | number[])[]) =>
		Uint8Array.from(
			parts.flatMap((one) => (typeof one === 'string' ? [...one].map((c) => c.charCodeAt(0)) : one))
		);
	const png = (width: number[], height: number[]) =>
		bytes([0x89], 'PNG', [13, 10, 26, 10, 0, 0, 0, 13], 'IHDR', width, height, [8, 6, 0, 0, 0]);
	const jpeg = (height: number[], width: number[]) =>
		bytes(
			[0xff, 0xd8, 0xff, 0xe1, 0, 4, 1, 2, 0xff, 0xc0, 0, 17, 8],
			height,
			width,
			[3, 1, 0x22, 0]
		);

	it.each([
		['a small picture', png([0, 0, 6, 64], [0, 0, 4, 176]), 5000, null],
		['a JPEG behind its notes', jpeg([4, 176], [6, 64]), 5000, null],
		['a bomb', png([0, 1, 134, 160], [0, 1, 134, 160]), 5000, 'too-many-pixels'],
		['a JPEG of sixty megapixels', jpeg([31, 64], [31, 64]), 5000, 'too-many-pixels'],
		['a heavy one', png([0, 0, 6, 64], [0, 0, 4, 176]), mostBytes + 1, 'too-large'],
		['a HEIC', bytes([0, 0, 0, 24], 'ftypheic', [0, 0]), 5000, 'heic'],
		['a film', bytes([0, 0, 0, 24], 'ftypisom', [0, 0]), 5000, 'not-a-picture'],
		['a JPEG cut before its size', bytes([0xff, 0xd8, 0xff, 0xe1, 0, 4]), 6, 'not-a-picture'],
		['a picture without height', png([0, 0, 6, 64], [0, 0, 0, 0]), 5000, 'not-a-picture'],
		['nothing', new Uint8Array(0), 0, 'not-a-picture']
	])('%s', (_, file, size, problem) => expect(fileProblem(file, size)).toBe(problem));
});
