import type { PlannedDay } from '$lib/stages/day/day-view';
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

/** Whole days as a calendar file: what is handed over, and by when it is asked for. */
export function wholeDaysOf(events: readonly CalendarEvent[], groupName: string): Response {
	const calendar = ical({ name: groupName, prodId: { company: 'Nest Row', product: 'Hand over' } });
	for (const { id, version, day, place, summary } of events)
		calendar.createEvent({
			id: `${id}@nest-row`,
			sequence: version,
			start: new Date(`${day}T00:00:00Z`),
			allDay: true,
			summary,
			location: place
		});
	return answerCalendar(calendar, 'hand-over');
}

/**
 * Days as a calendar file. Times are the hall's clock wherever the file is read: whoever comes reads
 * six o'clock, whatever zone their telephone is set to.
 */
export function calendarOf(days: readonly CalendarDay[], groupName: string): Response {
	const calendar = ical({
		name: groupName,
		prodId: { company: 'Nest Row', product: 'Table days' }
	});
	for (const { id, day, place, from, to, version } of days) {
		const at = (minute: number) => new Date(Date.parse(`${day}T00:00:00Z`) + minute * 60_000);
		calendar.createEvent({
			id: `${id}@nest-row`,
			sequence: version,
			start: at(from),
			end: at(to),
			floating: true,
			summary: `${groupName}: table day`,
			location: place
		});
	}
	return answerCalendar(calendar, 'table-days');
}
