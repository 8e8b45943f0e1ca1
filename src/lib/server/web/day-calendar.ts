import { dayCalendar as say } from '$lib/words/house';
import type { PlannedDay } from '$lib/stages/table-day/day-view';
import type { ICalCalendar } from 'ical-generator';
import ical from 'ical-generator';

/** A table day as a calendar has it: no names of people. */
type CalendarDay = Pick<PlannedDay, 'id' | 'day' | 'place' | 'from' | 'to' | 'version'>;

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
	for (const { id, day, place, from, to, version } of days) {
		const at = (minute: number) => new Date(Date.parse(`${day}T00:00:00Z`) + minute * 60_000);
		calendar.createEvent({
			id: `${id}@nest-row`,
			sequence: version,
			start: at(from),
			end: at(to),
			floating: true,
			summary: say.tableDay({ groupName }),
			location: place
		});
	}
}

/** Whole days as a calendar file: what is handed over, and by when it is asked for. */
export function wholeDaysOf(events: readonly CalendarEvent[], groupName: string): Response {
	const calendar = begun(groupName, say.delivery());
	addWholeDays(calendar, events);
	return answerCalendar(calendar, 'hand-over');
}

/** Table days as a calendar file. */
export function calendarOf(days: readonly CalendarDay[], groupName: string): Response {
	const calendar = begun(groupName, say.tableDays());
	addTableDays(calendar, days, groupName);
	return answerCalendar(calendar, 'table-days');
}

/** The whole season as a calendar to follow: table days, deliveries, and the days mats are wanted by. */
export function seasonCalendarOf(
	days: readonly CalendarDay[],
	events: readonly CalendarEvent[],
	groupName: string
): Response {
	const calendar = begun(groupName, say.season());
	addTableDays(calendar, days, groupName);
	addWholeDays(calendar, events);
	return answerCalendar(calendar, 'season');
}
