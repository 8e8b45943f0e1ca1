import { foretold as say } from '$lib/words/common';
import { longest } from '../bounds';
import { entryType } from '../entry-type';

/** The forecast of the season by a day, to be kept as it is reckoned when it comes. */
export interface ForetoldEntry {
	readonly type: 'foretold';
	readonly byDay: string;
}

/** What the week brings, in words, for everyone of the table. */
export interface WeekNoteEntry {
	readonly type: 'week-note';
	readonly words: string;
}

/** A word to those who said they come to a table day. */
export interface DayWordEntry {
	readonly type: 'day-word';
	readonly dayId: string;
}

export const foretoldType = entryType<ForetoldEntry>({
	type: 'foretold',
	page: '/season',
	done: say.savedAForecast(),
	isCoordinators: true,
	read: (read) => ({ type: 'foretold', byDay: read.anyDay('by') }),
	words: ({ by }) => say.theForecastFor({ by: by ?? '' })
});

export const weekNoteType = entryType<WeekNoteEntry>({
	type: 'week-note',
	page: '/season/words',
	done: say.keptTheNoteOfThe(),
	isCoordinators: true,
	read: (read) => ({ type: 'week-note', words: read.lines('words', longest['message.words']) }),
	words: () => say.theNoteOfTheWeek()
});

export const dayWordType = entryType<DayWordEntry>({
	type: 'day-word',
	page: '/season/words',
	done: say.wroteToThePeopleOf(),
	isCoordinators: true,
	read: (read) => ({ type: 'day-word', dayId: read.uuid('day') }),
	words: () => say.aWordToThoseWho()
});
