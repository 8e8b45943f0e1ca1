import { SeasonWordsActs as say } from '$lib/words/season';
import { entryAction } from '$lib/server/entries/keep-entry';
import { nextDayToTell, peopleToTell } from '$lib/server/season/words-to-people';
import { readTold } from '$lib/server/today/today';
import { readerOf } from '$lib/server/web/reader';
import { minuteIn } from '$lib/ui/days';
import { weekNote } from '$lib/stages/today/words-to-people';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { db } = event.locals;
	const reader = await readerOf(event);
	const [people, day, told] = await Promise.all([
		peopleToTell(db),
		nextDayToTell(db, reader.today, minuteIn(reader.timeZone, new Date())),
		readTold(db, reader)
	]);
	const words = weekNote({ groupName: reader.name || say.theTable(), day, ...told });
	return { people: people.length, day, words };
};

export const actions: Actions = { keep: entryAction };
