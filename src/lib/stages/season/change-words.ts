import { changeWords as say } from '$lib/words/season';
import { nearDayWords } from '$lib/ui/day-words';
import { listWords } from '$lib/ui/list-words';
import { fixed, wholeNumber } from '$lib/ui/number-words';
import type { ChangeSaid } from './season-changes';

/** Days that are named one by one; of more the first and the last are. */
const namedDays = 3;

function daysWords(days: readonly string[], today: string): string {
	const near = days.map((day) => nearDayWords(day, today));
	return near.length <= namedDays ? listWords(near) : `${near[0] ?? ''} – ${near.at(-1) ?? ''}`;
}

/** What changed, in a sentence. */
export function changeWords(
	{ sort, of, count }: ChangeSaid,
	names: Readonly<Record<string, string>>,
	today: string
): string {
	const known = of.flatMap((id) => names[id] ?? []);
	const areKnown = known.length === of.length && known.length > 0;
	switch (sort) {
		case 'maker-left':
			return count === 1 && areKnown
				? say.makerLeft({ names: known[0] ?? '' })
				: say.makersLeft({ count });
		case 'maker-new':
			return say.makerNew({ count });
		case 'away':
			return areKnown ? say.namesAway({ names: listWords(known) }) : say.countAway({ count });
		case 'days-off':
			return say.daysOff({ count, days: daysWords(of, today) });
		case 'days-more':
			return say.daysMore({ count, days: daysWords(of, today) });
		case 'source-dry':
			return say.dry({ places: listWords(of) });
		case 'bags':
			return count > 0
				? say.bagsMore({ bags: wholeNumber(count) })
				: say.bagsFewer({ bags: wholeNumber(-count) });
		case 'asked':
			return count > 0 ? say.askedMore({ count }) : say.askedFewer({ count: -count });
		case 'passed':
			return say.passed({ count });
		case 'counted':
			return count > 0 ? say.countedMore() : say.countedLess();
	}
}

/** What a change did to the goal. */
export const effectWords = (effect: number): string =>
	Math.abs(effect) < 0.05
		? say.hardly()
		: effect < 0
			? say.fewer({ mats: fixed(-effect, 1) })
			: say.more({ mats: fixed(effect, 1) });

/** What can be done about a change, and where. */
export const changeActs: Readonly<
	Record<ChangeSaid['sort'], { readonly words: string; readonly href: string } | null>
> = {
	'maker-left': { words: say.passMatOn(), href: '/make' },
	'maker-new': null,
	away: { words: say.seeDays(), href: '/prepare/days#away' },
	'days-off': { words: say.addDay(), href: '/prepare/days#new-day' },
	'days-more': null,
	'source-dry': { words: say.askForBags(), href: '/gather/asks' },
	bags: { words: say.askForBags(), href: '/gather/asks' },
	asked: { words: say.seeAsks(), href: '/hand-over/asks' },
	passed: { words: say.handOver(), href: '/hand-over' },
	counted: null
};
