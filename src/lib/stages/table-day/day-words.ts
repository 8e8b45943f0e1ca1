import type { Broken } from '$lib/core/assembly-line/rules';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { clockWords } from './clock';
import type { DayPerson } from './day-view';

/** What is done at each station, as one says where somebody sits. */
export const stationWords: Readonly<Record<LineStation, string>> = {
	flatten: 'flattening',
	cut: 'cutting',
	join: 'joining',
	ball: 'winding balls'
};

/** Those who sit there, as a sentence begins with them. */
export const handsWords: Readonly<Record<LineStation, string>> = {
	flatten: 'Those who flatten',
	cut: 'The cutters',
	join: 'The joiners',
	ball: 'The winders'
};

/** Why seats may not be so. */
export function brokenWords(
	{ why, name, station, atS }: Broken,
	people: readonly Pick<DayPerson, 'id' | 'name'>[],
	from: number
): string {
	const who = people.find(({ id }) => id === name)?.name ?? 'Somebody';
	switch (why) {
		case 'child-at-blade':
			return `${who} is a child: no blade, ever. Blunt scissors or another seat.`;
		case 'child-alone':
			return `${who} is a child: an adult sits beside them at ${stationWords[station]}, all the while. From ${clockWords(from + atS / 60)} nobody would.`;
		case 'no-tool':
			return `There are not tools enough for one more at ${stationWords[station]}, from ${clockWords(from + atS / 60)} on.`;
		case 'two-seats':
			return `${who} would sit in two places at once at ${clockWords(from + atS / 60)}.`;
	}
}

/** `2 balls more`, `1 ball more`, or strand where it is less than a ball. */
export const moreWords = (balls: number): string =>
	balls === 0 ? 'more strand for the next ball' : `${balls} ${balls === 1 ? 'ball' : 'balls'} more`;
