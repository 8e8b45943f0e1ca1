export type Point = readonly [number, number];

/**
 * A smooth line through points: each bend is led by its neighbours (Catmull–Rom). It begins where the pen is.
 * @example through([[0, 0], [6, 0]]) // 'C1 0 5 0 6 0'
 */
export const through = (points: readonly Point[]): string =>
	points
		.slice(1)
		.map((to, index) => {
			const from = points[index] ?? to;
			const before = points[index - 1] ?? from;
			const after = points[index + 2] ?? to;
			const lead = [from[0] + (to[0] - before[0]) / 6, from[1] + (to[1] - before[1]) / 6];
			const trail = [to[0] - (after[0] - from[0]) / 6, to[1] - (after[1] - from[1]) / 6];
			return `C${lead.join(' ')} ${trail.join(' ')} ${to.join(' ')}`;
		})
		.join('');
