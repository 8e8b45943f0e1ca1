import { dayWords as say } from '$lib/words/table-day';
import type { Broken } from '$lib/core/assembly-line/rules';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { doingWords } from '$lib/ui/doing-words';
import { clockWords } from './clock';
import type { DayPerson } from './day-view';

/** What is done at each station, as one says where somebody sits. */
export const stationWords: Readonly<Record<LineStation, string>> = doingWords;

/** Those who sit there, as a sentence begins with them. */
export const handsWords: Readonly<Record<LineStation, string>> = {
	flatten: say.thoseWhoFlatten(),
	cut: say.theCutters(),
	join: say.theJoiners(),
	ball: say.theWinders()
};

/** Why seats may not be so. */
export function brokenWords(
	{ why, name, station, atS }: Broken,
	people: readonly Pick<DayPerson, 'id' | 'name'>[],
	from: number
): string {
	const who = people.find(({ id }) => id === name)?.name ?? say.someone();
	switch (why) {
		case 'child-at-blade':
			return say.isAChildNeverA({ who });
		case 'child-alone':
			return say.isAChildAnAdult({
				who,
				stationWords: stationWords[station],
				clock: clockWords(from + atS / 60)
			});
		case 'teen-at-blade':
			return say.isATeenagerNeverA({ who });
		case 'alone':
			return say.needsAnAdultThere({
				who,
				stationWords: stationWords[station],
				clock: clockWords(from + atS / 60)
			});
		case 'barred':
			return say.doesntSitThere({ who, stationWords: stationWords[station] });
		case 'no-tool':
			return say.thereAreNotToolsEnough({
				stationWords: stationWords[station],
				clock: clockWords(from + atS / 60)
			});
		case 'two-seats':
			return say.wouldSitInTwoPlaces({ who, clock: clockWords(from + atS / 60) });
	}
}

/** `2 balls more`, `1 ball more`, or strand where it is less than a ball. */
export const moreWords = (balls: number): string =>
	balls === 0 ? say.moreStrandForTheNext() : say.ballsMore({ balls });
