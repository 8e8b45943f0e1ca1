import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';

/** A forecast of the season, as it was read when it was kept. */
export interface ForetoldEntry {
	readonly type: 'foretold';
	readonly byDay: string;
	readonly wanted: number;
	/** Mats handed over and ready then. */
	readonly there: number;
	readonly low: number;
	readonly expected: number;
	readonly high: number;
	readonly chance: number;
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
	read: (read) => {
		const low = read.count('low', bounds['season_forecast.low']);
		const high = read.count('high', bounds['season_forecast.high']);
		if (low > high) read.problems['high'] = 'At least as many as at the least.';
		return {
			type: 'foretold',
			byDay: read.anyDay('by'),
			wanted: read.count('wanted', bounds['season_forecast.wanted']),
			there: read.count('there', bounds['season_forecast.there']),
			low,
			expected: read.number('expected', bounds['season_forecast.expected']),
			high,
			chance: read.number('chance', bounds['season_forecast.chance'])
		};
	},
	words: ({ wanted, by }) => `a forecast of ${wanted} mats by ${by}`
});

export const weekNoteType = entryType<WeekNoteEntry>({
	type: 'week-note',
	page: '/season/words',
	read: (read) => ({ type: 'week-note', words: read.lines('words', longest['message.words']) }),
	words: () => 'the note of the week'
});

export const dayWordType = entryType<DayWordEntry>({
	type: 'day-word',
	page: '/season/words',
	read: (read) => ({ type: 'day-word', dayId: read.uuid('day') }),
	words: () => 'a word to those who come'
});
