// How the benchmarks count and print.

/** @param {number[]} values @param {number} share */
export function quantile(values, share) {
	const sorted = [...values].sort((a, b) => a - b);
	return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? NaN;
}

/** @param {string} name @param {number} value @param {string} unit @param {number} [bound] */
export function print(name, value, unit, bound) {
	const shown = value < 1 ? value.toFixed(4) : value.toFixed(unit === 'times' ? 2 : 1);
	const verdict =
		bound === undefined
			? ''
			: value <= bound
				? `  within ${bound} ${unit}`
				: `  OVER ${bound} ${unit}`;
	process.stdout.write(`${name.padEnd(58)} ${shown.padStart(10)} ${unit}${verdict}\n`);
}
