const months = 'jan feb mar apr may jun jul aug sep oct nov dec'.split(' ');
const weekdays = 'sun mon tue wed thu fri sat'.split(' ');

const isoOf = (at: Date): string => at.toISOString().slice(0, 10);
const startOf = (day: string): number => Date.parse(`${day}T00:00:00Z`);
const dayMs = 86_400_000;

/** A day by its numbers; null where there is none such. */
function dayFrom(year: number, month: number, day: number): string | null {
	const at = new Date(Date.UTC(year, month, day));
	return at.getUTCMonth() === month && at.getUTCDate() === day && year >= 2000 && year < 2100
		? isoOf(at)
		: null;
}

/**
 * A day as it was typed, as `2026-12-20`; null where it is none. `20 Dec`, `Thu 3 December 2026`, `2026-12-20`, `today`,
 * `tomorrow`, `yesterday`, or the next such weekday. Without a year it is the nearest one.
 */
export function dayOf(typed: string, today: string): string | null {
	const text = typed
		.trim()
		.toLowerCase()
		.replace(/[.,\s]+/g, ' ')
		.trim();
	const iso = /^(20\d\d)-(\d\d)-(\d\d)$/.exec(text);
	if (iso) return dayFrom(Number(iso[1]), Number(iso[2]) - 1, Number(iso[3]));
	const now = startOf(today);
	const shift = { yesterday: -1, today: 0, tomorrow: 1 }[text];
	if (shift !== undefined) return isoOf(new Date(now + shift * dayMs));
	const weekday = weekdays.findIndex((name) => new RegExp(`^${name}[a-z]*$`).test(text));
	if (weekday >= 0) {
		const ahead = (weekday - new Date(now).getUTCDay() + 7) % 7 || 7;
		return isoOf(new Date(now + ahead * dayMs));
	}
	const said = /^(?:[a-z]{3,9} )?(\d{1,2}) ([a-z]{3,9})(?: (20\d\d))?$/.exec(text);
	const month = months.indexOf(said?.[2]?.slice(0, 3) ?? '');
	if (!said || month < 0) return null;
	if (said[3]) return dayFrom(Number(said[3]), month, Number(said[1]));
	const year = new Date(now).getUTCFullYear();
	const near = [year - 1, year, year + 1].flatMap(
		(one) => dayFrom(one, month, Number(said[1])) ?? []
	);
	const far = (day: string) => Math.abs(startOf(day) - now);
	return near.toSorted((one, other) => far(one) - far(other))[0] ?? null;
}
