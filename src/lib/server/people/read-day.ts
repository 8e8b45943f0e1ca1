import { readDay as say } from '$lib/words/people';
import { uuidShape } from '$lib/server/base/uuid';
import { bounds, longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { clockWords, minuteOf } from '$lib/stages/table-day/clock';
import type { BesideWork } from '$lib/core/assembly-line/beside';
import { besideFields } from '$lib/stages/table-day/beside-words';
import type { DaySeat, PlannedDay } from '$lib/stages/table-day/day-view';
import { seatStations } from '$lib/stages/people/seats';
import { z } from 'zod';
import type { DayTerms } from './day';

const clock = say.writeATimeLike18();

/** The breaks of a day as its form has them. */
const breaksText = (breaks: readonly number[]): string => breaks.map(clockWords).join(', ');

/**
 * Breaks move with the beginning of a day where nobody typed others; those that lie outside it then are left out.
 *
 * @param typed as they stand in the form
 * @param before the day as it was when the form was opened
 */
function movedBreaks(
	typed: string,
	from: number,
	to: number,
	before: Pick<PlannedDay, 'from' | 'breaks'>
): string {
	if (typed.trim() !== breaksText(before.breaks)) return typed;
	return breaksText(
		before.breaks.map((at) => at + from - before.from).filter((at) => at > from && at < to)
	);
}

/**
 * What the form of a day says; problems by field, and what was typed in any case.
 *
 * @param before the day as it stands; null for a new one
 */
export function readTerms(
	form: FormData,
	before: Pick<PlannedDay, 'from' | 'breaks'> | null = null
): {
	terms: DayTerms;
	typed: Readonly<Record<string, string>>;
	problems: Record<string, string>;
} {
	const typed = Object.fromEntries(
		[
			...['from', 'to', 'breaks', 'pause_minutes', 'plan', 'balls_wanted', 'also', 'cut_with'],
			...Object.values(besideFields)
		].map((name) => [name, String(form.get(name) ?? '').slice(0, 400)])
	) as Record<string, string>;
	const read = new FormReader(typed);
	const { problems } = read;
	const [from, to] = [minuteOf(typed['from'] ?? ''), minuteOf(typed['to'] ?? '')];
	if (from === null) problems['from'] = clock;
	if (to === null) problems['to'] = clock;
	if (from !== null && to !== null && to < from + 20) problems['to'] = say.aTableDayEndsTwenty();
	if (before && from !== null && to !== null)
		typed['breaks'] = movedBreaks(typed['breaks'] ?? '', from, to, before);
	const breakLength = read.count('pause_minutes', bounds['table_day.pause_minutes']);
	const words = (typed['breaks'] ?? '').split(/[\s,;]+/).filter((word) => word !== '');
	const minutes = words.map(minuteOf);
	if (minutes.includes(null)) problems['breaks'] = say.writeTimesLike1845();
	else if (words.length > 6) problems['breaks'] = say.sixBreaksAtMost();
	else if (
		from !== null &&
		to !== null &&
		minutes.some((one) => (one ?? 0) <= from || (one ?? 0) >= to)
	)
		problems['breaks'] = say.aBreakLiesBetweenThe();
	const ballsWanted = typed['balls_wanted']?.trim()
		? read.count('balls_wanted', bounds['table_day.balls_wanted'])
		: null;
	const wantedOf = (work: BesideWork) => {
		const name = besideFields[work];
		return typed[name]?.trim() ? read.count(name, bounds[`table_day.${name}`]) : 0;
	};
	const plan = typed['plan'] ?? '';
	const planId = plan === '' ? null : (uuidShape.safeParse(plan).data ?? null);
	if (plan !== '' && planId === null) problems['plan'] = say.chooseAPlanFromThe();
	return {
		terms: {
			from: from ?? 0,
			to: to ?? 0,
			breaks: minutes.filter((one) => one !== null),
			breakLength,
			planId,
			ballsWanted,
			besides: {
				load: wantedOf('load'),
				finish: wantedOf('finish'),
				check: wantedOf('check'),
				pillows: wantedOf('pillows')
			},
			also: read.text('also', longest['table_day.also']),
			cutWith: typed['cut_with'] === 'rolling-blade' ? 'rolling-blade' : 'scissors'
		},
		typed,
		problems
	};
}

const seatShape = z.object({
	personId: uuidShape,
	station: z.string().refine((station) => seatStations.includes(station)),
	from: z.number().int().min(0).max(1440),
	to: z.number().int().min(0).max(1440)
});

/** Seats as the page sends them; null where they cannot be read. */
export function readSeats(text: FormDataEntryValue | null): DaySeat[] | null {
	if (typeof text !== 'string' || text.length > 60_000) return null;
	try {
		return z.array(seatShape).max(400).parse(JSON.parse(text));
	} catch {
		return null;
	}
}

/** Seats as a form without scripts sends them: each person at one station, all the while. */
export const readSeatChoices = (
	form: FormData,
	{ from, to }: { readonly from: number; readonly to: number }
): DaySeat[] =>
	[...form].flatMap(([name, value]): DaySeat[] => {
		const personId = name.startsWith('seat_') ? uuidShape.safeParse(name.slice(5)).data : undefined;
		return personId && typeof value === 'string' && seatStations.includes(value)
			? [{ personId, station: value, from, to }]
			: [];
	});
