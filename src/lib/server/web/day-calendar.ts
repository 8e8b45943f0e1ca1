import { dayCalendar as say } from '$lib/words/house';
import type { PlannedDay } from '$lib/stages/table-day/day-view';
import type { ICalCalendar } from 'ical-generator';
import ical from 'ical-generator';

/** A table day as a calendar has it: no names of people. */
export type CalendarDay = Pick<PlannedDay, 'id' | 'day' | 'place' | 'from' | 'to' | 'version'>;

/** Days by a rule: its first, the days it is off, and those that are otherwise than it has them. */
export interface CalendarSeries extends CalendarDay {
	/** As RFC 5545 has it. */
	readonly rule: string;
	readonly endsOn: string | null;
	readonly without: readonly string[];
	readonly changed: readonly (CalendarDay & { readonly of: string })[];
}

/** What takes a whole day of a calendar. */
export interface CalendarEvent {
	readonly id: string;
	readonly version: number;
	readonly day: string;
	readonly place: string;
	readonly summary: string;
}

/** A calendar as a file; what the package adds for single programs is left out: a day says that it is whole by itself. */
const answerCalendar = (calendar: ICalCalendar, name: string): Response =>
	new Response(calendar.toString().replace(/^X-MICROSOFT-.*\r\n/gm, ''), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': `attachment; filename="${name}.ics"`
		}
	});

const begun = (groupName: string, product: string): ICalCalendar =>
	ical({ name: groupName, prodId: { company: say.nestRow(), product } });

function addWholeDays(calendar: ICalCalendar, events: readonly CalendarEvent[]): void {
	for (const { id, version, day, place, summary } of events)
		calendar.createEvent({
			id: `${id}@nest-row`,
			sequence: version,
			start: new Date(`${day}T00:00:00Z`),
			allDay: true,
			summary,
			location: place
		});
}

/** Times are the hall's clock wherever the file is read: six o'clock is six, whatever zone a telephone is set to. */
function addTableDays(
	calendar: ICalCalendar,
	days: readonly CalendarDay[],
	groupName: string
): void {
	for (const day of days) calendar.createEvent(eventOf(day, groupName));
}

const momentOf = (day: string, minute: number) =>
	new Date(Date.parse(`${day}T00:00:00Z`) + minute * 60_000);

const eventOf = ({ id, day, place, from, to, version }: CalendarDay, groupName: string) => ({
	id: `${id}@nest-row`,
	sequence: version,
	start: momentOf(day, from),
	end: momentOf(day, to),
	floating: true,
	summary: say.tableDay({ groupName }),
	location: place
});

/** A moment by the hall's clock as the file has it: `20261203T180000`. */
const writtenMoment = (day: string, minute: number): string =>
	momentOf(day, minute)
		.toISOString()
		.replace(/[-:]|\.000Z/g, '');

/** The days of a rule, with the rule itself in the file: what it brings later comes by itself. */
function addSeries(
	calendar: ICalCalendar,
	{ rule, endsOn, without, changed, ...first }: CalendarSeries,
	groupName: string
): void {
	const until = endsOn === null ? '' : `;UNTIL=${writtenMoment(endsOn, first.from)}`;
	const off = without.map((day) => writtenMoment(day, first.from)).join(',');
	calendar.createEvent({
		...eventOf(first, groupName),
		repeating: `RRULE:${rule}${until}${off ? `\r\nEXDATE:${off}` : ''}`
	});
	for (const { of, ...day } of changed)
		calendar.createEvent({
			...eventOf({ ...day, id: first.id }, groupName),
			recurrenceId: momentOf(of, first.from)
		});
}

/** Whole days as a calendar file: what is handed over, and by when it is asked for. */
export function wholeDaysOf(events: readonly CalendarEvent[], groupName: string): Response {
	const calendar = begun(groupName, say.delivery());
	addWholeDays(calendar, events);
	return answerCalendar(calendar, 'hand-over');
}

/** Table days as a calendar file: those of a rule by the rule. */
export function calendarOf(
	days: readonly CalendarDay[],
	groupName: string,
	series: CalendarSeries | null = null
): Response {
	const calendar = begun(groupName, say.tableDays());
	if (series) addSeries(calendar, series, groupName);
	addTableDays(calendar, days, groupName);
	return answerCalendar(calendar, 'table-days');
}

/** The whole season as a calendar to follow: table days, deliveries, and the days mats are wanted by. */
export function seasonCalendarOf(
	{
		days,
		series
	}: { readonly days: readonly CalendarDay[]; readonly series: CalendarSeries | null },
	events: readonly CalendarEvent[],
	groupName: string
): Response {
	const calendar = begun(groupName, say.season());
	if (series) addSeries(calendar, series, groupName);
	addTableDays(calendar, days, groupName);
	addWholeDays(calendar, events);
	return answerCalendar(calendar, 'season');
}
