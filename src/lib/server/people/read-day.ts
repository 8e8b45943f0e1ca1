import { bounds, longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { minuteOf } from '$lib/stages/day/clock';
import type { BesideWork } from '$lib/core/line/beside';
import { besideFields } from '$lib/stages/day/beside-words';
import type { DaySeat } from '$lib/stages/day/day-view';
import { stations } from '$lib/stages/people/seats';
import { z } from 'zod';
import type { DayTerms } from './day';

const clock = 'This is a time, like 18:00.';

/** What the form of a day says; problems by field, and what was typed in any case. */
export function readTerms(form: FormData): {
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
	if (from !== null && to !== null && to < from + 20)
		problems['to'] = 'A table day ends twenty minutes after it begins, or later.';
	const breakLength = read.count('pause_minutes', bounds['table_day.pause_minutes']);
	const words = (typed['breaks'] ?? '').split(/[\s,;]+/).filter((word) => word !== '');
	const minutes = words.map(minuteOf);
	if (minutes.includes(null)) problems['breaks'] = 'These are times, like 18:45, 19:35.';
	else if (words.length > 6) problems['breaks'] = 'Six breaks at most.';
	else if (
		from !== null &&
		to !== null &&
		minutes.some((one) => (one ?? 0) <= from || (one ?? 0) >= to)
	)
		problems['breaks'] = 'A break lies between the beginning and the end.';
	const ballsWanted = typed['balls_wanted']?.trim()
		? read.count('balls_wanted', bounds['table_day.balls_wanted'])
		: null;
	const wantedOf = (work: BesideWork) => {
		const name = besideFields[work];
		return typed[name]?.trim() ? read.count(name, bounds[`table_day.${name}`]) : 0;
	};
	const plan = typed['plan'] ?? '';
	const planId = plan === '' ? null : (z.uuid().safeParse(plan).data ?? null);
	if (plan !== '' && planId === null) problems['plan'] = 'Choose a plan of the list.';
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
	personId: z.uuid(),
	station: z.string().refine((station) => stations.includes(station)),
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
		const personId = name.startsWith('seat_') ? z.uuid().safeParse(name.slice(5)).data : undefined;
		return personId && typeof value === 'string' && stations.includes(value)
			? [{ personId, station: value, from, to }]
			: [];
	});
