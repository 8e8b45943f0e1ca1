import type { TechniqueKind } from '../techniques/technique';
import type { Mark } from './scene';

/** A piece of a mat as its technique makes it, its rows from the foot up. */
export interface Fabric {
	readonly technique: TechniqueKind;
	/** Where each row's middle lies. */
	readonly rows: readonly number[];
	/** Stitches or crossings of each row; as many as the first where fewer are given. */
	readonly counts?: readonly number[];
	/** Whether a row begins over; else rows take turns. */
	readonly phases?: readonly boolean[];
	/** From where to where it reaches. */
	readonly left?: number;
	readonly right?: number;
	/** How high a row is. */
	readonly high?: number;
	/** How far its edges swing up and down. */
	readonly wave?: number;
}

/** Rows of crocheted stitches: each leans as its row was worked. */
function crocheted(fabric: Fabric, s: number): Mark[] {
	const { rows, counts = [], left = 6, right = 114, high = 11, wave = 0 } = fabric;
	const first = counts[0] ?? 9;
	const step = (right - left) / first;
	let [legs, heads] = ['', ''];
	for (const [nth, y] of rows.entries()) {
		const lean = nth % 2 === 0 ? 1 : -1;
		const count = counts[nth] ?? first;
		// A row of more stitches than the first stands closer.
		const own = Math.min(step, (right - left) / count);
		for (let at = 0; at < count; at++) {
			const x = left + (at + 0.5) * own;
			const swing = wave * Math.sin((at / count) * 4 * Math.PI);
			const [foot, head] = [y + high / 2 + swing, y - high / 2 + swing];
			legs += `M${(x - lean * own * 0.18) * s} ${foot * s}L${(x + lean * own * 0.12) * s} ${(head + 1.5) * s}`;
			heads += `M${(x - own * 0.44) * s} ${(head + 1.5) * s}q${own * 0.44 * s} ${-3.4 * s} ${own * 0.88 * s} 0`;
		}
	}
	return [
		{ path: legs, stroke: 'film-line', width: 3 * s, isRound: true },
		{ path: heads, stroke: 'film-line', width: 2.2 * s, isRound: true }
	];
}

/** Rows woven over and under upright strands. */
function woven(fabric: Fabric, s: number): Mark[] {
	const { rows, counts = [], left = 6, right = 114, high = 11, phases = [], wave = 0 } = fabric;
	const count = counts[0] ?? 8;
	const step = (right - left) / count;
	const [foot, head] = [Math.max(...rows) + high / 2 + 2, Math.min(...rows) - high / 2 - 2];
	const isTwined = fabric.technique === 'twined';
	let warp = '';
	for (let at = 0; at < count; at++)
		warp += `M${(left + (at + 0.5) * step) * s} ${head * s}V${foot * s}`;
	let over = '';
	let under = '';
	for (const [nth, y] of rows.entries()) {
		const begins = phases[nth] ?? nth % 2 === 0;
		for (let at = 0; at < count; at++) {
			const x = left + at * step;
			const swing = wave * Math.sin((at / count) * 4 * Math.PI);
			const isOver = (at % 2 === 0) === begins;
			// Two strands twist round each other and hold each upright between them.
			if (isTwined)
				over += `M${x * s} ${(y + (isOver ? -2 : 2)) * s}q${(step / 2) * s} ${(isOver ? 4 : -4) * s} ${step * s} ${(isOver ? 4 : -4) * s}`;
			else if (isOver) over += `M${(x + 0.08 * step) * s} ${(y + swing) * s}h${0.84 * step * s}`;
			else
				under += `M${(x - 0.1 * step) * s} ${(y + swing) * s}h${0.3 * step * s}M${(x + 0.8 * step) * s} ${(y + swing) * s}h${0.3 * step * s}`;
		}
	}
	return [
		...(under === ''
			? []
			: [{ path: under, stroke: 'film-line', width: high * 0.42 * s } satisfies Mark]),
		{ path: warp, stroke: 'quiet', width: 2.6 * s },
		{ path: over, stroke: 'film-line', width: (isTwined ? 2.6 : high * 0.5) * s, isRound: true }
	];
}

/** A plaited band: strands run slantwise, each over one and under one. */
function plaited(fabric: Fabric, s: number): Mark[] {
	const { rows, left = 6, right = 114, high = 11, phases = [], wave = 0 } = fabric;
	const step = 12;
	const marks: Mark[] = [];
	let [rising, falling] = ['', ''];
	for (const [nth, y] of rows.entries()) {
		const begins = phases[nth] ?? nth % 2 === 0;
		for (let x = left, at = 0; x + step <= right; x += step, at++) {
			const swing = wave * Math.sin((at / 9) * 4 * Math.PI);
			const [top, foot] = [y - high / 2 + swing, y + high / 2 + swing];
			if ((at % 2 === 0) === begins) rising += `M${x * s} ${foot * s}L${(x + step) * s} ${top * s}`;
			else falling += `M${x * s} ${top * s}L${(x + step) * s} ${foot * s}`;
		}
	}
	marks.push(
		{ path: rising, stroke: 'film-line', width: high * 0.5 * s, isRound: true },
		{ path: falling, stroke: 'quiet', width: high * 0.4 * s, isRound: true }
	);
	return marks;
}

/**
 * A piece of a mat as marks: its stitches, its rows over and under, or its plait.
 *
 * @param scale drawing units to a unit of the sketch
 * @example fabricMarks({ technique: 'crochet', rows: [60] }, 2).length // 2
 */
export const fabricMarks = (fabric: Fabric, scale: number): Mark[] =>
	fabric.technique === 'crochet'
		? crocheted(fabric, scale)
		: fabric.technique === 'finger-bands'
			? plaited(fabric, scale)
			: woven(fabric, scale);
