/** What a fit found: its parameters, and what is left over of each observation. */
export interface Fit {
	readonly parameters: number[];
	readonly left: number[];
}

/**
 * Solves a small set of linear equations (Gauss, largest pivot first); null where they do not tell.
 *
 * @example solved([[2, 0], [0, 4]], [2, 2]) // [1, 0.5]
 */
export function solved(matrix: readonly number[][], right: readonly number[]): number[] | null {
	const rows = matrix.map((row, at) => [...row, right[at] as number]);
	const count = rows.length;
	for (let step = 0; step < count; step++) {
		let best = step;
		for (let row = step + 1; row < count; row++)
			if (Math.abs(rows[row]![step]!) > Math.abs(rows[best]![step]!)) best = row;
		[rows[step], rows[best]] = [rows[best]!, rows[step]!];
		const pivot = rows[step]![step]!;
		if (Math.abs(pivot) < 1e-14) return null;
		for (let row = step + 1; row < count; row++) {
			const share = rows[row]![step]! / pivot;
			if (share === 0) continue;
			for (let at = step; at <= count; at++) rows[row]![at]! -= share * rows[step]![at]!;
		}
	}
	const answer = new Array<number>(count).fill(0);
	for (let row = count - 1; row >= 0; row--) {
		let sum = rows[row]![count]!;
		for (let at = row + 1; at < count; at++) sum -= rows[row]![at]! * answer[at]!;
		answer[row] = sum / rows[row]![row]!;
	}
	return answer;
}

/**
 * Parameters for which the sum of the squares of what is left over is least (Levenberg–Marquardt;
 * slopes by small steps).
 *
 * @param leftOver what is left over of each observation, for given parameters
 * @param from where to begin
 * @source Levenberg 1944, Marquardt 1963
 * @example leastSquares(([x = 0]) => [x * x - 9], [1]).parameters.map(Math.round) // [3]
 */
export function leastSquares(
	leftOver: (parameters: readonly number[]) => number[],
	from: readonly number[],
	{ rounds = 40 } = {}
): Fit {
	let parameters = [...from];
	let left = leftOver(parameters);
	const squares = (values: readonly number[]) => values.reduce((sum, v) => sum + v * v, 0);
	let sum = squares(left);
	let damping = 1e-3;
	const count = parameters.length;
	for (let round = 0; round < rounds; round++) {
		const slopes = parameters.map((value, at) => {
			const step = 1e-6 * Math.max(1e-3, Math.abs(value));
			const moved = leftOver(parameters.map((v, i) => (i === at ? v + step : v)));
			return moved.map((v, i) => (v - left[i]!) / step);
		});
		const normal = Array.from({ length: count }, (_, i) =>
			Array.from({ length: count }, (_, j) =>
				slopes[i]!.reduce((total, v, k) => total + v * slopes[j]![k]!, 0)
			)
		);
		const gradient = slopes.map((slope) => -slope.reduce((total, v, k) => total + v * left[k]!, 0));
		let isBetter = false;
		for (let tries = 0; tries < 8 && !isBetter; tries++) {
			const step = solved(
				normal.map((row, i) => row.map((v, j) => (i === j ? v * (1 + damping) + 1e-18 : v))),
				gradient
			);
			const next = step && parameters.map((v, i) => v + step[i]!);
			const nextLeft = next && leftOver(next);
			const nextSum = nextLeft ? squares(nextLeft) : Infinity;
			if (next && nextLeft && nextSum < sum) {
				const gain = sum - nextSum;
				parameters = next;
				left = nextLeft;
				sum = nextSum;
				damping /= 6;
				isBetter = true;
				if (gain < 1e-9 * sum) return { parameters, left };
			} else damping *= 5;
		}
		if (!isBetter) break;
	}
	return { parameters, left };
}
