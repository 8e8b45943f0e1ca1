import { seasonWords as msg } from '$lib/words/season';
import { wholePercents } from '$lib/core/statistics/whole-percents';
import type { LeverCounts, LeverName } from '$lib/core/season/forecast';
import { leverNames } from '$lib/core/season/forecast';
import { capital, fixed, smallNumber, wholeNumber } from '$lib/ui/number-words';
import type { Outlook } from './season-said';
import type { SeasonAsked, SeasonBasis, SeasonGoal } from './season-view';

/** A chance as one would say it: `nine in ten`, `three in five`, `hardly`. */
export function chanceWords(chance: number): string {
	if (chance < 0.03) return 'hardly';
	if (chance > 0.97) return msg.almostSurely();
	const near = [
		[1, 10],
		[1, 5],
		[1, 4],
		[1, 3],
		[2, 5],
		[1, 2],
		[3, 5],
		[2, 3],
		[3, 4],
		[4, 5],
		[9, 10]
	] as const;
	const [of, all] = near.reduce<readonly [number, number]>(
		(best, one) =>
			Math.abs(one[0] / one[1] - chance) < Math.abs(best[0] / best[1] - chance) ? one : best,
		near[0]
	);
	return msg.in({ of: smallNumber(of), all: smallNumber(all) });
}

/** A lever, as often as it is taken. */
export const leverWords = (name: LeverName, count: number): string => {
	switch (name) {
		case 'table-day':
			return count === 1 ? msg.oneMoreTableDay() : msg.moreTableDays({ count: smallNumber(count) });
		case 'two-makers':
			return msg.moreMakers({ what: smallNumber(2 * count) });
		case 'bags-300':
			return msg.bagsMore({ what: 300 * count });
	}
};

/** Levers that are taken, in a line. */
export const leversWords = (levers: LeverCounts): string =>
	leverNames
		.filter((name) => levers[name] > 0)
		.map((name) => leverWords(name, levers[name]))
		.join(', ');

/** What a lever adds: `1.2 mats more`, `no mat more`, `0.2 mats fewer`. */
export const addsWords = (adds: number): string =>
	Math.abs(adds) < 0.05
		? msg.noMatMore()
		: msg.matsIsaddsSelectYesOther({
				abs: fixed(Math.abs(adds), 1),
				isAdds: adds > 0 ? 'yes' : 'no'
			});

/** What is changed of a season, in a line; nothing where nothing is. */
export function changedWords({ levers, other }: SeasonAsked, { plans }: SeasonBasis): string {
	const plan = plans.find(({ id }) => id === other);
	return [leversWords(levers), plan ? msg.allNewMatsBy({ name: plan.name }) : '']
		.filter((words) => words !== '')
		.join(', ');
}

/** A chance as a figure, with no digit it does not have: to the next five of a hundred. */
export const percentWords = (share: number): string =>
	share < 0.03
		? msg.under5()
		: share > 0.97
			? msg.over95()
			: msg.about({ min: Math.min(95, Math.max(5, 5 * Math.round(20 * share))) });

/** What a season that falls short lacks, as whole shares of a hundred that add up to it, the largest first. */
export const heldWords = (heldBackBy: Outlook['heldBackBy']): [string, number][] =>
	Object.entries(wholePercents(heldBackBy))
		.filter(([, percent]) => percent > 0)
		.toSorted(([, one], [, other]) => other - one);

/** What an outlook comes to in a line: `About nine, four times in five between 8 and 11`. */
export const outlookWords = ({ expected, low, high }: Outlook): string =>
	low === high
		? msg.asGoodAsSurely({ low: capital(smallNumber(low)) })
		: msg.aboutFourTimesInFive({
				round: smallNumber(Math.round(expected)),
				low: smallNumber(low),
				high: smallNumber(high)
			});

/** What is there of a goal today: `Of these one went there already, two lie ready and one waits for a check or for mending.` */
export function thereWords(
	{ handedOver }: SeasonGoal,
	{ ready, inCheck }: Pick<SeasonBasis, 'ready' | 'inCheck'>
): string {
	const count = (mats: number) => (mats === 0 ? 'none' : smallNumber(mats));
	return msg.ofTheseWentThereAlready({
		count: count(handedOver),
		count2: count(ready),
		isReady: ready <= 1 ? 'yes' : 'no',
		count3: count(inCheck),
		isInCheck: inCheck <= 1 ? 'yes' : 'no'
	});
}

/** Why a lever that adds nothing does not: by what lacks most. */
export function whyNot(name: LeverName, heldBackBy: Outlook['heldBackBy']): string {
	const [most] = heldWords(heldBackBy);
	switch (most?.[0]) {
		case undefined:
			return msg.asManyAsAreWanted();
		case 'checks':
			return msg.whatLacksIsUnderWay();
		case 'looms':
			return name === 'two-makers' ? msg.thereIsNoLoomFor() : msg.loomsLackBeforeStrandDoes();
		case 'makers':
			return name === 'two-makers' ? msg.aMatThatIsBegun() : msg.handsLackBeforeStrandDoes();
		default:
			return name === 'two-makers' ? msg.strandLacksAndNewHands() : msg.whatIsBegunSoLate();
	}
}

/** Bags more or fewer, roughly: `900 bags more`. */
export const moreBagsWords = (bags: number): string => {
	const rounded = 10 * Math.round(bags / 10);
	if (rounded === 0) return msg.asManyBags();
	return msg.bagsIsroundedSelectYesOther({
		abs: wholeNumber(Math.abs(rounded)),
		isRounded: rounded > 0 ? 'yes' : 'no'
	});
};

/** Levers as an address has them: `table-day`, once for each time. */
export function leversIn(words: readonly string[]): LeverCounts {
	const count = (name: LeverName) => Math.min(9, words.filter((word) => word === name).length);
	return {
		'table-day': count('table-day'),
		'two-makers': count('two-makers'),
		'bags-300': count('bags-300')
	};
}

/** The query of a goal and what is changed of the season. */
export function seasonQuery(by: string, { levers, other }: SeasonAsked): string {
	const query = new URLSearchParams({ by });
	for (const name of leverNames)
		for (let nth = 0; nth < levers[name]; nth++) query.append('with', name);
	if (other !== null) query.set('plan', other);
	return `?${query.toString()}`;
}
