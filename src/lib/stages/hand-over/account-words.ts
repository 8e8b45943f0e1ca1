import { keptBags } from './account-view';
import { accountWords as say } from '$lib/words/hand-over';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fixed, wholeNumber } from '$lib/ui/number-words';
import { areaWords } from '$lib/ui/unit-words';
import type { HandedOver, Period } from './account-view';
import { seasonName } from './account-view';

/** A figure of the account, what it is of, and how it was counted. */
export interface AccountFigure {
	readonly name: string;
	readonly value: string;
	readonly label: string;
	readonly how: string;
}

const mats = (count: number) =>
	count === 1 ? say.oneMat() : say.mats({ count: wholeNumber(count) });

/** Results so far, figure by figure: the same on the page, on paper and beside the list. */
export function accountFigures(account: HandedOver, system: LengthSystem): AccountFigure[] {
	const counted = account.mats - account.matsUncounted;
	const uncounted =
		account.matsUncounted === 0
			? ''
			: say.ofNoLabelSaysWhich({ mats: mats(account.matsUncounted) });
	const partly =
		account.matsPartly === 0 ? '' : say.ofOnlySomeBallsHad({ mats: mats(account.matsPartly) });
	const unweighed =
		account.matsUnweighed === 0
			? ''
			: say.ofNeitherAWeightNor({ mats: mats(account.matsUnweighed) });
	return [
		{
			name: 'mats',
			value: wholeNumber(account.mats),
			label: account.mats === 1 ? say.matDelivered() : say.matsDelivered(),
			how: say.matsOfTheDeliveriesBelow()
		},
		{
			name: 'area',
			value: areaWords(account.m2, system),
			label: say.area(),
			how: say.widthByLengthOfEach()
		},
		{
			name: 'bags',
			value:
				account.unknownBags > 0
					? say.atLeast({ count: wholeNumber(keptBags(account)) })
					: wholeNumber(keptBags(account)),
			label:
				account.newBags > 0
					? say.bagsKeptAndNew({ count: wholeNumber(account.newBags) })
					: say.bagsKeptFromTheBin(),
			how:
				say.bagsByTheLabelsOf({
					mats: mats(counted),
					matBags: wholeNumber(account.matBags),
					pillowBags: wholeNumber(account.pillowBags),
					uncounted,
					partly
				}) +
				(account.unknownBags > 0 ? say.notSaid({ count: wholeNumber(account.unknownBags) }) : '')
		},
		{
			name: 'film',
			value: `${fixed(account.filmKg, 1)} kg`,
			label: say.ofPlastic(),
			how: say.matsByTheirWeightAt({ unweighed })
		},
		{
			name: 'pillows',
			value: wholeNumber(account.pillows),
			label: say.pillows({ count: account.pillows }),
			how: say.pillowsThatWentWithThe()
		},
		{
			name: 'timed',
			value: `${fixed(account.timedHours, 1)} h`,
			label: say.timed(),
			how: say.fromTheFirstTapOf()
		},
		{
			name: 'estimated',
			value: `${wholeNumber(account.estimatedHours)} h`,
			label: say.estimated(),
			how: say.workThatWasNotTimed()
		}
	];
}

/** What a period is called. */
export function periodWords(period: Period): string {
	switch (period.of) {
		case 'all':
			return say.total();
		case 'season':
			return say.season({ seasonName: seasonName(period.begins) });
		case 'year':
			return say.year({ year: period.year });
		case 'delivery':
			return say.delivery({ code: period.code });
	}
}

/** The query that opens a period. */
export function periodQuery(period: Period): string {
	switch (period.of) {
		case 'all':
			return '';
		case 'season':
			return `?season=${period.begins}`;
		case 'year':
			return `?year=${period.year}`;
		case 'delivery':
			return `?delivery=${period.code}`;
	}
}
