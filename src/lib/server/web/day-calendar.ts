import type { PlannedDay } from '$lib/stages/day/day-view';
import ical from 'ical-generator';

/** A table day as a calendar has it: no names of people. */
type CalendarDay = Pick<PlannedDay, 'id' | 'day' | 'place' | 'from' | 'to' | 'version'>;

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
	return new Response(calendar.toString(), {
		headers: {
			'content-type': 'text/calendar; charset=utf-8',
			'content-disposition': 'attachment; filename="table-days.ics"'
		}
	});
}
