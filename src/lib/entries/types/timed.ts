import { countedWords } from '$lib/ui/unit-words';
import { timed as say } from '$lib/words/common';
import type { Task } from '../../core/effort/tasks';
import { waysOf, tasks, taskUnits } from '../../core/effort/tasks';
import type { FormReader } from '../form-reader';
import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';

export interface TimedEntry {
	readonly type: 'timed';
	readonly work: Task;
	/** How it is done: what one takes by the standard figures depends on it. */
	readonly way: string;
	readonly maker: string | null;
	readonly units: number;
	readonly people: number;
	readonly minutes: number;
	readonly workedOn: string;
	/** The one who typed it has said that an odd time is right as it stands. */
	readonly isSure: boolean;
}

function readTimed(read: FormReader): TimedEntry {
	const work = read.word('work', tasks);
	const [usual = '', ...others] = waysOf(work);
	return {
		type: 'timed',
		work,
		// Another work's way, left over from before it was chosen, is the usual one of this.
		way: others.find((way) => way === read.raw('way')) ?? usual,
		maker: read.text('maker', longest['person.name']),
		units: read.count('units', bounds['timed_work.units']),
		people: read.count('people', bounds['timed_work.people']),
		minutes: read.number('minutes', bounds['timed_work.minutes']),
		workedOn: read.day('worked_on'),
		isSure: read.isSure
	};
}

export const timedType = entryType<TimedEntry>({
	type: 'timed',
	page: '/measures',
	done: say.timedSomeWork(),
	read: readTimed,
	words: ({ units, work }) =>
		say.unitsTimed({ units: units ?? '', unit: countedWords(taskUnits[work as Task]?.unit ?? '') })
});
