import { mean } from '../statistics/mean';
import { middleOf, type Corners, type Place } from './board';
import { between, type Light } from './light';

/** A straight line: a place on it, and its direction (of length 1). */
interface Straight {
	readonly through: Place;
	readonly along: Place;
}

function straightOf(places: readonly Place[]): Straight | null {
	if (places.length < 4) return null;
	let kept = places;
	for (let round = 0; round < 3; round++) {
		const count = kept.length;
		const [x, y] = middleOf(kept);
		let [xx, xy, yy] = [0, 0, 0];
		for (const p of kept) {
			xx += (p[0] - x) ** 2;
			xy += (p[0] - x) * (p[1] - y);
			yy += (p[1] - y) ** 2;
		}
		const turn = 0.5 * Math.atan2(2 * xy, xx - yy);
		const along: Place = [Math.cos(turn), Math.sin(turn)];
		const off = (p: Place) => Math.abs((p[0] - x) * -along[1] + (p[1] - y) * along[0]);
		const typical = [...kept].map(off).sort((a, b) => a - b)[Math.floor(count / 2)]!;
		const near = kept.filter((p) => off(p) <= Math.max(0.15, 3 * typical));
		if (near.length === kept.length || near.length < 4 || round === 2)
			return { through: [x, y], along };
		kept = near;
	}
	return null;
}

function meeting(one: Straight, other: Straight): Place | null {
	const across = one.along[0] * other.along[1] - one.along[1] * other.along[0];
	if (Math.abs(across) < 0.1) return null;
	const [dx, dy] = [other.through[0] - one.through[0], other.through[1] - one.through[1]];
	const t = (dx * other.along[1] - dy * other.along[0]) / across;
	return [one.through[0] + t * one.along[0], one.through[1] + t * one.along[1]];
}

/**
 * A marker's corners where its sides meet, each side lying where the light is halfway between paper
 * and print. A detector's own corners sit up to a pixel inside, for white spreads into black.
 *
 * @param green the picture's light
 * @returns the corners as given where a side cannot be followed, and how many pixels wide the change from
 * print to paper is (from a tenth to nine tenths)
 * @example cornersByLight(exampleLight(99, 99, 0.5), flatMarkers[0].corners).blurPx // 0
 */
export function cornersByLight(
	{ green, width, height }: Light,
	corners: Corners
): { corners: Corners; blurPx: number } {
	const sides: (Straight | null)[] = [];
	const widths: number[] = [];
	const middle = middleOf(corners);
	for (let side = 0; side < 4; side++) {
		const from = corners[side] as Place;
		const to = corners[(side + 1) % 4] as Place;
		const length = Math.hypot(to[0] - from[0], to[1] - from[1]);
		const along: Place = [(to[0] - from[0]) / length, (to[1] - from[1]) / length];
		let out: Place = [along[1], -along[0]];
		if ((middle[0] - from[0]) * out[0] + (middle[1] - from[1]) * out[1] > 0)
			out = [-out[0], -out[1]];
		// The printed border is a sixth of a side wide, the paper's margin is wider.
		const reach = Math.min(8, Math.max(2.2, length / 9));
		const found: Place[] = [];
		const samples = Math.min(40, Math.max(8, Math.round(length * 1.5)));
		for (let nth = 0; nth < samples; nth++) {
			const share = 0.12 + (0.76 * (nth + 0.5)) / samples;
			const at: Place = [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])];
			const steps = Math.round(reach * 2) * 4;
			const values: number[] = [];
			for (let step = 0; step <= steps; step++) {
				const off = -reach + (2 * reach * step) / steps;
				values.push(between(green, width, height, at[0] + off * out[0], at[1] + off * out[1]));
			}
			const quarter = Math.max(2, Math.round(steps / 6));
			const dark = mean(values.slice(0, quarter));
			const pale = mean(values.slice(-quarter));
			if (pale - dark < 0.02 || pale < 1.3 * dark) continue;
			const cross = (share: number): number | null => {
				const level = dark + share * (pale - dark);
				for (let step = 1; step <= steps; step++) {
					const [before, after] = [values[step - 1]!, values[step]!];
					if (before < level && after >= level)
						return -reach + (2 * reach * (step - 1 + (level - before) / (after - before))) / steps;
				}
				return null;
			};
			const half = cross(0.5);
			if (half === null) continue;
			found.push([at[0] + half * out[0], at[1] + half * out[1]]);
			const [low, high] = [cross(0.2), cross(0.8)];
			if (low !== null && high !== null && high > low) widths.push(high - low);
		}
		sides.push(straightOf(found));
	}
	const met = sides.map((side, at) => {
		const before = sides[(at + 3) % 4];
		return side && before ? meeting(before, side) : null;
	});
	const isWhole = met.every(
		(place, at) => place && Math.hypot(place[0] - corners[at]![0], place[1] - corners[at]![1]) < 4
	);
	widths.sort((a, b) => a - b);
	return {
		corners: isWhole ? (met as unknown as Corners) : corners,
		blurPx: widths[Math.floor(widths.length / 2)] ?? 0
	};
}
