import type { HoldBack } from '$lib/core/season/now';
import { seasonWords as msg } from '$lib/words/season';
import { wholePercents } from '$lib/core/statistics/whole-percents';
import type { LeverCounts, LeverName } from '$lib/core/season/forecast';
import { leverNames } from '$lib/core/season/forecast';
import { listWords } from '$lib/ui/list-words';
import { fixed, smallNumber, wholeNumber } from '$lib/ui/number-words';
import type { Outlook } from './season-said';
import type { SeasonAsked, SeasonBasis, SeasonGoal } from './season-view';

/** How likely a chance is, in a word. */
export const likelihood = (chance: number): string =>
	chance >= 0.95
		? msg.almostCertain()
		: chance >= 0.645
			? msg.likely()
			: chance >= 0.355
				? msg.aboutEven()
				: chance > 0.05
					? msg.unlikely()
					: msg.veryUnlikely();

/** A chance as one would say it: `likely (8 in 10)`. */
export const chanceWords = (chance: number): string =>
	msg.likelihoodOf({ likelihood: likelihood(chance), tenths: tenthsWords(chance) });

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

/** What a lever adds: `1.2 mats more`, `no more mats`, `0.2 mats fewer`. */
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

/** A chance as so many of ten, and no finer. */
export const tenthsWords = (chance: number): string =>
	chance >= 0.95
		? msg.moreThan9In10()
		: chance <= 0.05
			? msg.lessThan1In10()
			: msg.in10({ tenths: Math.min(9, Math.max(1, Math.round(chance * 10))) });

/** What a season that falls short lacks, as whole shares of a hundred that add up to it, the largest first. */
export const heldWords = (heldBackBy: Outlook['heldBackBy']): [HoldBack, number][] =>
	(Object.entries(wholePercents(heldBackBy)) as [HoldBack, number][])
		.filter(([, percent]) => percent > 0)
		.toSorted(([, one], [, other]) => other - one);

/** What holds a season back, as it is called. */
export const heldNames: Readonly<Record<HoldBack, string>> = {
	bags: msg.heldByBags(),
	strand: msg.heldByStrand(),
	makers: msg.heldByMakers(),
	checks: msg.heldByChecks(),
	looms: msg.heldByLooms()
};

/** What an outlook comes to in a line: `About 9 (8–11)`. */
export const outlookWords = ({ expected, low, high }: Outlook): string =>
	low === high
		? msg.almostCertain2({ low: wholeNumber(low) })
		: msg.about({
				round: wholeNumber(expected),
				low: wholeNumber(low),
				high: wholeNumber(high)
			});

/** What is there of a goal today: `1 delivered, 2 ready, 1 to check or mend.` */
export function thereWords(
	{ handedOver }: SeasonGoal,
	{ ready, inCheck }: Pick<SeasonBasis, 'ready' | 'inCheck'>
): string {
	return msg.deliveredReadyToCheckOr({
		count: wholeNumber(handedOver),
		count2: wholeNumber(ready),
		count3: wholeNumber(inCheck)
	});
}

/** Why a lever that adds nothing does not: by what lacks most. */
export function whyNot(name: LeverName, heldBackBy: Outlook['heldBackBy']): string {
	const [most] = heldWords(heldBackBy);
	switch (most?.[0]) {
		case undefined:
			return msg.enoughForAllThatIs();
		case 'checks':
			return msg.wontHelpTheMissingMats();
		case 'looms':
			return name === 'two-makers' ? msg.thereIsNoLoomFor() : msg.wontHelpThereAreToo();
		case 'makers':
			return name === 'two-makers' ? msg.aMatThatIsBegun() : msg.wontHelpThereAreToo2();
		default:
			return name === 'two-makers' ? msg.noGainBeginnersWouldUse() : msg.whatIsBegunSoLate();
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

/** What a goal is, without its day: `4 for Causeway Winter Rooms`, `14 in all, 10 for Tide House`. */
export function goalWords(goal: SeasonGoal, { goals }: Pick<SeasonBasis, 'goals'>): string {
	const own = goal.asks.reduce((sum, { mats }) => sum + mats, 0);
	const place = listWords([...new Set(goal.asks.map((ask) => ask.place))]);
	const mats = wholeNumber(goal.wanted);
	return goals[0]?.by === goal.by || own === goal.wanted
		? msg.forPlace({ mats, place })
		: msg.inAllFor({ mats, own: wholeNumber(own), place });
}
