/** Which way round days are written: year first, day first, month first. */
export const dayOrders = ['ymd', 'dmy', 'mdy'] as const;
export type DayOrder = (typeof dayOrders)[number];

/** Fields of a list that hold a day. */
export const dayFields: readonly string[] = ['came_on', 'moved_at'];

const yearFirst = /^(\d{4})[-./](\d{1,2})[-./](\d{1,2})(.*)$/;
const yearLast = /^(\d{1,2})[-./](\d{1,2})[-./](\d{4}|\d{2})(.*)$/;

/** The first of the days that has its year last. */
export const firstYearLast = (cells: readonly string[]): string =>
	cells.find((cell) => yearLast.test(cell.trim()))?.trim() ?? '';

/**
 * Which way round the days of a list are written, by the days themselves: a number above twelve is
 * no month. `unclear` where both would do; null where none has its year last.
 */
export function guessDayOrder(cells: Iterable<string>): DayOrder | 'unclear' | null {
	let isAny = false;
	const can = { dmy: true, mdy: true };
	for (const cell of cells) {
		const match = yearLast.exec(cell.trim());
		if (!match) continue;
		isAny = true;
		if (Number(match[1]) > 12) can.mdy = false;
		if (Number(match[2]) > 12) can.dmy = false;
	}
	if (!isAny) return null;
	if (can.dmy && can.mdy) return 'unclear';
	return can.mdy ? 'mdy' : 'dmy';
}

/** A day with what stands behind it, as `2026-11-24`; as it was typed where it is no such day. */
export function isoDay(text: string, order: DayOrder | null): string {
	const two = (digits = '') => digits.padStart(2, '0');
	const first = yearFirst.exec(text.trim());
	if (first) return `${first[1]}-${two(first[2])}-${two(first[3])}${first[4]}`;
	const last = yearLast.exec(text.trim());
	if (!last || order === null || order === 'ymd') return text;
	const [, one = '', other = '', year = '', rest = ''] = last;
	const [day, month] = order === 'dmy' ? [one, other] : [other, one];
	return `${year.length === 2 ? '20' : ''}${year}-${two(month)}-${two(day)}${rest}`;
}
