import { readRhythm as say } from '$lib/words/people';
import { nths, ruleOf, weekdays } from '$lib/core/rhythm/meeting';
import type { DaySpan } from '$lib/core/rhythm/span';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { uuidShape } from '$lib/server/base/uuid';
import type { GroupRhythm } from '$lib/stages/table-day/rhythm-view';
import { patterns } from '$lib/stages/table-day/rhythm-view';
import { daysBetween } from '$lib/ui/days';
import { z } from 'zod';
import { readTerms } from './read-day';

const textOf = (form: FormData, name: string) => String(form.get(name) ?? '').slice(0, 400);

/** The rule that a form says, null where it says that there is none; a problem where it says neither. */
function readRule(form: FormData, problems: Record<string, string>): string | null {
	const pattern = patterns.find((one) => one === form.get('pattern'));
	if (!pattern) problems['pattern'] = say.chooseHow();
	if (!pattern || pattern === 'none') return null;
	const days = weekdays.filter((day) => form.getAll('weekday').includes(day));
	if (days.length === 0) {
		problems['weekday'] = say.tickAWeekday();
		return null;
	}
	if (pattern !== 'monthly')
		return ruleOf({ sort: 'weekly', every: Number(pattern), weekdays: days });
	const of = nths.filter((nth) => form.getAll('nth').includes(String(nth)));
	if (of.length > 0) return ruleOf({ sort: 'monthly', nths: of, weekdays: days });
	problems['nth'] = say.tickAWeek();
	return null;
}

/** What the form of a rhythm says; problems by field, and what was typed in any case. */
export function readRhythm(form: FormData, before: GroupRhythm | null) {
	const { terms, typed, problems } = readTerms(form, before);
	const own = {
		...typed,
		pattern: textOf(form, 'pattern'),
		weekday: form.getAll('weekday').map(String).join(' '),
		nth: form.getAll('nth').map(String).join(' '),
		starts: textOf(form, 'starts'),
		ends: textOf(form, 'ends'),
		place: textOf(form, 'place')
	};
	const read = new FormReader(own);
	const rule = readRule(form, problems);
	const place = read.needed('place', longest['rhythm.place']);
	const startsOn = read.day('starts');
	const endsOn = own.ends.trim() === '' ? null : read.day('ends');
	Object.assign(problems, read.problems);
	if (!problems['ends'] && endsOn !== null && endsOn < startsOn)
		problems['ends'] = say.theEndComesAfter();
	const version = z.coerce.number().int().min(0).safeParse(form.get('version')).data ?? -1;
	const { from, to, breaks, breakLength, planId, ballsWanted } = terms;
	const rhythm: GroupRhythm = {
		...{ version, rule, startsOn, endsOn, place },
		...{ from, to, breaks, breakLength, planId, ballsWanted }
	};
	const always = form.has('asks_who')
		? form.getAll('always').flatMap((value) => uuidShape.safeParse(value).data ?? [])
		: null;
	return { rhythm, always: always?.slice(0, 500) ?? null, typed: own, problems };
}

/** From which day to which a form says; a day alone is that day. */
export function readSpan(form: FormData): {
	span: DaySpan;
	typed: Readonly<Record<string, string>>;
	problems: Record<string, string>;
} {
	const typed = {
		from: textOf(form, 'from'),
		to: textOf(form, 'to'),
		person: textOf(form, 'person')
	};
	const read = new FormReader(typed);
	const from = read.day('from');
	const to = typed.to.trim() === '' ? from : read.day('to');
	const { problems } = read;
	if (read.isGood && to < from) problems['to'] = say.theEndOfAwayComesAfter();
	else if (read.isGood && daysBetween(from, to) > 366) problems['to'] = say.atMostAYear();
	return { span: { from, to }, typed, problems };
}
