import { rhythmWords as say } from '$lib/words/table-day';
import type { Nth, Weekday } from '$lib/core/rhythm/meeting';
import { meetingOf, weekdays } from '$lib/core/rhythm/meeting';
import { dayAfter } from '$lib/ui/days';
import { nearDayWords } from '$lib/ui/day-words';
import { listWords } from '$lib/ui/list-words';
import { capital } from '$lib/ui/number-words';
import { clockWords } from './clock';
import type { GroupRhythm } from './rhythm-view';

const wholeName = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' });
const shortName = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });
/** A Monday: the days of the week are named from it. */
const monday = '2026-11-30';
const dayOf = (day: Weekday) => new Date(dayAfter(monday, weekdays.indexOf(day)));

/** A weekday by its name: `Thursday`. */
export const weekdayName = (day: Weekday): string => wholeName.format(dayOf(day));
/** The same short: `Thu`. */
export const weekdayShort = (day: Weekday): string => shortName.format(dayOf(day));

/** Which of a month's weekdays. */
export const nthWords: Readonly<Record<Nth, string>> = {
	1: say.first(),
	2: say.second(),
	3: say.third(),
	4: say.fourth(),
	[-1]: say.last()
};

function meetingWords(rule: string): string {
	const meeting = meetingOf(rule);
	if (!meeting) return rule;
	const days = listWords(meeting.weekdays.map(weekdayName));
	if (meeting.sort === 'monthly')
		return say.ofTheMonth({ nths: listWords(meeting.nths.map((nth) => nthWords[nth])), days });
	switch (meeting.every) {
		case 1:
			return say.everyWeekday({ days });
		case 2:
			return say.everySecond({ days });
		case 3:
			return say.everyThird({ days });
		case 4:
			return say.everyFourth({ days });
		default:
			return say.everyWeeks({ count: meeting.every, days });
	}
}

/** How a group meets in a line: `Every Thursday 18:00–20:30`. */
export function rhythmWords(
	{ rule, from, to, startsOn, endsOn }: GroupRhythm,
	today: string
): string {
	if (rule === null) return capital(say.noFixedDays());
	let words = capital(
		say.withTimes({ meeting: meetingWords(rule), from: clockWords(from), to: clockWords(to) })
	);
	if (startsOn > today) words = say.from({ words, day: nearDayWords(startsOn, today) });
	return endsOn === null ? words : say.until({ words, day: nearDayWords(endsOn, today) });
}
