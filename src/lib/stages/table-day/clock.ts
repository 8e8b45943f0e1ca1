import type { PlannedDay } from './day-view';

type Times = Pick<PlannedDay, 'from' | 'to' | 'breaks' | 'breakLength'>;

/** A stretch of the day by the hall's clock, minutes. */
export interface Stretch {
	readonly from: number;
	readonly to: number;
}

/** `18:05` of a minute of the day. */
export const clockWords = (minute: number): string => {
	const whole = Math.round(minute);
	return `${String(Math.floor(whole / 60) % 24).padStart(2, '0')}:${String(whole % 60).padStart(2, '0')}`;
};

/** The minute of the day that `18:05`, `18.05` or `18` says; null where it says none. */
export function minuteOf(text: string): number | null {
	const found = /^(\d{1,2})(?:[:.h](\d{2}))?$/.exec(text.trim());
	if (!found) return null;
	const [hours, minutes] = [Number(found[1]), Number(found[2] ?? 0)];
	return hours <= 24 && minutes < 60 && hours * 60 + minutes <= 1440 ? hours * 60 + minutes : null;
}

/** The breaks of a day that lie in it, in their order, none over another. */
export function breaksOf({ from, to, breaks, breakLength }: Times): Stretch[] {
	const found: Stretch[] = [];
	for (const begin of breaks.toSorted((a, b) => a - b)) {
		const last = found.at(-1);
		if (begin <= from || begin + breakLength >= to || (last && begin < last.to)) continue;
		found.push({ from: begin, to: begin + breakLength });
	}
	return found;
}

/** What is worked of a stretch: all of it but the breaks. */
export function workedOf(stretch: Stretch, day: Times): Stretch[] {
	const parts: Stretch[] = [];
	let from = stretch.from;
	for (const pause of breaksOf(day)) {
		if (pause.to <= from || pause.from >= stretch.to) continue;
		if (pause.from > from) parts.push({ from, to: pause.from });
		from = pause.to;
	}
	if (from < stretch.to) parts.push({ from, to: stretch.to });
	return parts;
}

/** Minutes worked from the beginning of the day until a minute of it: breaks do not count. */
export const workedUntil = (minute: number, day: Times): number =>
	workedOf({ from: day.from, to: Math.max(day.from, Math.min(minute, day.to)) }, day).reduce(
		(sum, { from, to }) => sum + to - from,
		0
	);

/** The minute of the day at which so many minutes are worked: the end of a break, where it falls into one. */
export function minuteWorked(worked: number, day: Times): number {
	let minute = day.from + worked;
	for (const pause of breaksOf(day)) if (minute >= pause.from) minute += pause.to - pause.from;
	return Math.min(minute, day.to);
}
