import { remedySketches } from '../check/remedies';
import { between } from '../drawing/between';
import { turnScene } from '../drawing/bands-scene';
import type { Sketch } from '../drawing/sketch-scene';
import { sketchScene } from '../drawing/sketch-scene';
import type { Box, Mark, Scene } from '../drawing/scene';
import { disc, rectangle } from '../drawing/scene';
import { crossingsHome } from '../techniques/bands/braid';
import type { ExerciseFacts } from './exercises';
import { isRight, weftIsOver } from './exercises';
import { bagMarks, lieBag } from '../acts/bag-pictures';
import { jointStages, loopJoint, onTable } from '../acts/joint-curves';
import { piecesOfTube, spiralWith } from './slits';

type Of<Kind extends ExerciseFacts['kind']> = Extract<ExerciseFacts, { kind: Kind }>;

/** A tube with its slits and slants; once a slit is cut over, rings that come of it fall out to the side. */
function slitScene({ turns, slit }: Of<'slit'>, answer: number | null, box: Box): Scene {
	const t = box.type;
	const high = Math.min(2.6 * t, (box.tallest - t) / turns);
	const [left, right] = [2.4 * t, 0.62 * box.width];
	const margin = 3.2 * t;
	const foot = 0.5 * t + turns * high;
	const y = (turn: number) => foot - turn * high;
	const goesOn = answer === null ? null : spiralWith(turns, slit - 1, answer - 1);
	const fallen = new Set(goesOn ? piecesOfTube(goesOn).rings.flat() : []);
	const marks: Mark[] = [];
	for (let turn = 0; turn < turns; turn++) {
		const isOut = fallen.has(turn);
		const x = isOut ? right + margin + 1.2 * t : left;
		const width = isOut ? box.width - x - 0.6 * t : right - left;
		marks.push(
			{
				path: rectangle(x, y(turn + 1) + 0.1 * high, width, 0.8 * high),
				fill: isOut ? 'scrap' : turn % 2 === 0 ? 'film' : 'film-other',
				stroke: 'ink',
				width: 0.1 * t
			},
			{
				words: String(turn + 1),
				x: isOut ? x + 0.6 * t : left - 0.5 * t,
				y: y(turn + 0.5) + 0.35 * t,
				anchor: isOut ? 'start' : 'end'
			}
		);
		if (isOut) continue;
		const isAsked = goesOn === null && turn === slit - 1;
		const to = (goesOn ?? spiralWith(turns, slit - 1, slit))[turn] ?? turns;
		const [from, end] = [y(turn + 0.5), y(to + 0.5)];
		if (to >= turns && !isAsked) continue;
		marks.push(
			isAsked
				? {
						words: '?',
						x: right + 0.5 * margin,
						y: from + 0.35 * t,
						anchor: 'middle',
						isBold: true
					}
				: {
						path: `M${right} ${from}C${right + margin} ${from} ${right + margin} ${end} ${right} ${end}`,
						stroke: 'film-line',
						width: 0.35 * t,
						isRound: true
					}
		);
	}
	return { width: box.width, height: foot + 0.5 * t, marks };
}

/** A weave with its weft over and under; the place that is asked about is left open. */
function weaveScene(
	facts: Of<'over-under'> | Of<'wrong-row'>,
	answer: number | null,
	box: Box
): Scene {
	const t = box.type;
	const rows = facts.kind === 'wrong-row' ? facts.rows : facts.row;
	const left = 2.4 * t;
	const gap = Math.min(3.4 * t, (box.width - left - t) / facts.strands);
	const high = Math.min(2.2 * t, (box.tallest - t) / rows);
	const foot = 0.6 * t + rows * high;
	const x = (strand: number) => left + (strand - 0.5) * gap;
	const y = (row: number) => foot - (row - 0.5) * high;
	const strand = (path: string, tone: 'film-other' | 'weft'): Mark[] => [
		{ path, stroke: 'ink', width: 0.95 * t },
		{ path, stroke: 'ground', width: 0.75 * t },
		{ path, stroke: tone, width: 0.75 * t }
	];
	const isOpen = (row: number, at: number) =>
		facts.kind === 'over-under' &&
		row === facts.row &&
		at > (answer === null ? facts.strand - 1 : facts.strand);
	const over = (row: number, at: number) =>
		facts.kind === 'over-under' && row === facts.row && at === facts.strand && answer !== null
			? answer === 1
			: weftIsOver(facts, row, at);
	const marks: Mark[] = [];
	for (let row = 1; row <= rows; row++) {
		let end = facts.strands;
		while (end > 0 && isOpen(row, end)) end--;
		if (end > 0) marks.push(...strand(`M${left} ${y(row)}H${x(end) + 0.5 * gap}`, 'weft'));
	}
	for (let at = 1; at <= facts.strands; at++)
		marks.push(...strand(`M${x(at)} ${0.3 * t}V${foot + 0.3 * t}`, 'film-other'));
	for (let row = 1; row <= rows; row++)
		for (let at = 1; at <= facts.strands; at++)
			if (!isOpen(row, at) && over(row, at))
				marks.push(...strand(`M${x(at) - 0.48 * gap} ${y(row)}H${x(at) + 0.48 * gap}`, 'weft'));
	for (let row = 1; row <= rows; row++)
		marks.push({ words: String(row), x: left - 0.6 * t, y: y(row) + 0.35 * t, anchor: 'end' });
	if (facts.kind === 'over-under' && answer === null)
		marks.push(
			{
				path: disc(x(facts.strand), y(facts.row), 0.85 * t),
				fill: 'ground',
				stroke: 'ink',
				width: 0.12 * t
			},
			{ words: '?', x: x(facts.strand), y: y(facts.row) + 0.35 * t, anchor: 'middle', isBold: true }
		);
	return { width: box.width, height: foot + 0.6 * t, marks };
}

/** The foot of a bag with its hole, and the line it would be cut along. */
function trimSketch({ bodyMm, holeMm }: Of<'trim'>, answer: number | null): Sketch {
	const bag = { flatWidthMm: 300, gussetMm: 0, bodyMm, handleMm: 90, massG: 5 };
	const place = lieBag(bag, { left: 10, width: 60, foot: 70, height: 66 });
	const y = (mm: number) => place.foot - mm * place.scale;
	return {
		fabrics: [],
		marks: [
			...bagMarks(bag, place),
			{ show: 'disc', at: [40, y(holeMm)], radius: 1.8, tone: 'ground' },
			{ show: 'look', at: [40, y(holeMm)] },
			{ show: 'measure', from: [84, y(holeMm)], to: [84, y(0)], words: '' },
			{ show: 'word', words: `${holeMm} mm`, at: [102, (y(holeMm) + y(0)) / 2 + 2] },
			...(answer === null || answer === 0
				? []
				: [
						{
							show: 'dashed' as const,
							points: [
								[4, y(answer)],
								[78, y(answer)]
							] as const
						}
					])
		]
	};
}

/** A joint as open and as uneven as it is. */
function jointSketch({ open, uneven }: Of<'snug'>): Sketch {
	const bow = 45 * uneven;
	const ropes = between(
		loopJoint(jointStages - 1, onTable, bow),
		loopJoint(jointStages - 2, onTable, bow),
		Math.min(1, Math.max(0, (open - 0.3) / 1.4))
	);
	return {
		fabrics: [],
		marks: [
			{ show: 'ropes', ropes },
			...(open < 0.15 ? [{ show: 'knot', at: [61, 36] } as const] : [])
		]
	};
}

/**
 * What an exercise asks, drawn; with an answer, what comes of it. Null where there is nothing to draw.
 *
 * @param answer one of its options, or null while none is given
 * @param box room in the drawing's units; words not counted
 * @example exerciseScene({ kind: 'hook', diameterMm: 3.2 }, null, { width: 300, tallest: 200, type: 13 }) // null
 */
export function exerciseScene(facts: ExerciseFacts, answer: number | null, box: Box): Scene | null {
	switch (facts.kind) {
		case 'slit':
			return slitScene(facts, answer, box);
		case 'over-under':
		case 'wrong-row':
			return weaveScene(facts, answer, box);
		case 'crossings':
			return turnScene(
				facts.strands,
				facts.made + (answer ?? 0),
				facts.made + crossingsHome(facts.strands),
				box
			);
		case 'trim':
			return sketchScene(trimSketch(facts, answer), box.width, box.type);
		case 'snug':
			return sketchScene(jointSketch(facts), box.width, box.type);
		case 'fault': {
			const [seen, ...after] = remedySketches(facts.fault, facts.technique);
			const isMended = answer !== null && isRight(facts, answer);
			const shown = isMended ? (after.at(-1) ?? seen) : seen;
			return shown ? sketchScene(shown, box.width, box.type) : null;
		}
		case 'hook':
		case 'ball-end':
		case 'seat':
			return null;
	}
}
