import type { Place } from './board';
import type { Edge, Measured, Ranged } from './measured';
import { waysOf } from './plane';

const distance = (a: Place, b: Place): number => Math.hypot(a[0] - b[0], a[1] - b[1]);

/** How far a place is from a line through two others. */
function offLine([x, y]: Place, [from, to]: readonly [Place, Place]): number {
	const length = distance(from, to) || 1;
	return Math.abs((to[0] - from[0]) * (from[1] - y) - (from[0] - x) * (to[1] - from[1])) / length;
}

/** What edges span in the plane, mm: the length of one, or the mean distance of two. */
function spanOf(lines: readonly (readonly [Place, Place])[]): number {
	const [one, other] = lines;
	if (!one) return 0;
	if (!other) return distance(...one);
	return (offLine(one[0], other) + offLine(one[1], other)) / 2;
}

/**
 * The measures after edges were moved by hand: each in proportion to what its edges span now. What
 * was moved is as sure as the hand that moved it.
 *
 * @param edges as they lie now, in pixels of the picture
 * @param handMm how far off a hand may set an edge, mm
 * @example movedMeasures(exampleMeasured, [{ name: 'strip-0', from: [50, 50], to: [110, 50] }])['strip-0'].value // 60
 */
export function movedMeasures(
	measured: Measured,
	edges: readonly Edge[],
	handMm = 1
): Record<string, Ranged> {
	const { toPlane } = waysOf(measured.view);
	const inPlane = (held: readonly Edge[], name: string): readonly [Place, Place] | null => {
		const edge = held.find((one) => one.name === name);
		return edge ? [toPlane(edge.from), toPlane(edge.to)] : null;
	};
	const all: Record<string, Ranged> = { ...measured.measures };
	measured.strips.forEach(({ mean }, nth) => (all[`strip-${nth}`] = mean));
	for (const { measure, edges: names } of measured.follows) {
		const before = names.map((name) => inPlane(measured.edges, name));
		const now = names.map((name) => inPlane(edges, name));
		const old = all[measure];
		if (!old || before.includes(null) || now.includes(null)) continue;
		const [was, is] = [spanOf(before as [Place, Place][]), spanOf(now as [Place, Place][])];
		if (was <= 0 || Math.abs(is - was) < 0.05) continue;
		const value = (old.value * is) / was;
		const half = Math.hypot((old.high - old.low) / 2, handMm);
		all[measure] = { value, low: value - half, high: value + half };
	}
	return all;
}
