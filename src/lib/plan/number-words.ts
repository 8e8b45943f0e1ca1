const thin = '\u202f';

/** A whole number with narrow spaces at the thousands: `1 812`. */
export function wholeNumber(value: number): string {
	return String(Math.round(value)).replace(/\B(?=(\d{3})+$)/g, thin);
}

/** A figure with as many digits as its size deserves: 0.94, 1.5, 41, 1 812. */
export function figure(value: number): string {
	if (Math.abs(value) < 1) return value.toFixed(2);
	return Math.abs(value) < 10 ? value.toFixed(1) : wholeNumber(value);
}

/** An end of an interval, rounded to two figures or three, since more would be a pretence. */
export function roughly(value: number): string {
	const digits = value >= 100 ? 2 : 3;
	return figure(Number(value.toPrecision(digits)));
}

/** A count that is not sure, from the bag below to the bag above: `584–595`. */
export const countRange = (low: number, high: number): string =>
	`${wholeNumber(Math.floor(low))}–${wholeNumber(Math.ceil(high))}`;
