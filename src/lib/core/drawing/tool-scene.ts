import type { Loom, NailFrame } from '../tools/tools';
import { toolWidthMm } from '../tools/tools';
import type { Mark, Scene } from './scene';
import { disc, rectangle } from './scene';

/** How many units a tool drawn to scale takes up along and across. */
const lengthOf = (tool: Loom | NailFrame) =>
	tool.sort === 'loom' ? tool.pegToPegMm : tool.lengthMm;

/**
 * A loom or a frame to scale, lying like its mat: pegs or nails left and right, rods along both edges.
 *
 * @param scale units a millimetre, the same for all tools that lie beside each other
 * @example toolScene({ sort: 'loom', pegs: 28, pitchMm: 25.4, pegToPegMm: 1829, hasRods: true }, 0.1).width // 202.9
 */
export function toolScene(tool: Loom | NailFrame, scale: number): Scene {
	const pad = 10;
	const [length, width] = [lengthOf(tool) * scale, toolWidthMm(tool) * scale];
	const count = tool.sort === 'loom' ? tool.pegs : tool.nails;
	const step = tool.sort === 'loom' ? width / Math.max(1, count - 1) : width / count;
	const first = tool.sort === 'loom' ? 0 : step / 2;
	const r = Math.max(0.6, Math.min(2.2, step * 0.35));
	let pegs = '';
	for (let at = 0; at < count; at++) {
		const y = pad + first + at * step;
		pegs += disc(pad, y, r) + disc(pad + length, y, r);
	}
	const hasRods = tool.sort === 'frame' || tool.hasRods;
	const marks: Mark[] = [
		{ path: rectangle(pad, pad, length, width), fill: 'film' },
		{ path: rectangle(pad - 5, pad - 5, length + 10, width + 10), stroke: 'quiet', width: 3 },
		...(hasRods
			? [
					{
						path: `M${pad + 2} ${pad - 1}h${length - 4}M${pad + 2} ${pad + width + 1}h${length - 4}`,
						stroke: 'ink' as const,
						width: 2,
						...(tool.sort === 'frame' && tool.rods === 'bare' ? { dash: [4, 3] } : {})
					}
				]
			: []),
		{ path: pegs, fill: 'ground', stroke: 'ink', width: 1 }
	];
	return { width: length + 2 * pad, height: width + 2 * pad, marks };
}
