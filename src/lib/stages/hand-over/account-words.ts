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

const mats = (count: number) => (count === 1 ? 'one mat' : `${wholeNumber(count)} mats`);

/** What it came to, figure by figure: the same on the page, on paper and beside the list. */
export function accountFigures(account: HandedOver, system: LengthSystem): AccountFigure[] {
	const counted = account.mats - account.matsUncounted;
	const uncounted =
		account.matsUncounted === 0
			? ''
			: ` Of ${mats(account.matsUncounted)} no label says which bags lie in them: none of those is counted.`;
	const partly =
		account.matsPartly === 0
			? ''
			: ` Of ${mats(account.matsPartly)} only some balls had labels: the other bags are not known, and not counted.`;
	const unweighed =
		account.matsUnweighed === 0
			? ''
			: ` Of ${mats(account.matsUnweighed)} neither a weight nor a label is known: none of those is counted.`;
	return [
		{
			name: 'mats',
			value: wholeNumber(account.mats),
			label: account.mats === 1 ? 'mat handed over' : 'mats handed over',
			how: 'Mats of the deliveries below. One that came back is left out until it goes again.'
		},
		{
			name: 'area',
			value: areaWords(account.m2, system),
			label: 'to lie on',
			how: 'Width by length of each mat, as it was measured at its last check before it went.'
		},
		{
			name: 'bags',
			value: wholeNumber(account.matBags + account.pillowBags),
			label: 'bags kept from the bin',
			how: `Bags by the labels of the balls that were given for ${mats(counted)}: ${wholeNumber(account.matBags)}; and torn bags in the pillows: ${wholeNumber(account.pillowBags)}. Counted, not guessed.${uncounted}${partly}`
		},
		{
			name: 'film',
			value: `${fixed(account.filmKg, 1)} kg`,
			label: 'of film',
			how: `Mats by their weight at the last check before they went; where none was weighed, by the labels of its balls; and what lies in the pillows.${unweighed}`
		},
		{
			name: 'pillows',
			value: wholeNumber(account.pillows),
			label: account.pillows === 1 ? 'pillow' : 'pillows',
			how: 'Pillows that went with the mats. Scrap in them is weighed, and counts as no bag.'
		},
		{
			name: 'timed',
			value: `${fixed(account.timedHours, 1)} h`,
			label: 'timed',
			how: 'From the first tap of a row to the last of each sitting, as phones and tablets counted them.'
		},
		{
			name: 'estimated',
			value: `${wholeNumber(account.estimatedHours)} h`,
			label: 'estimated',
			how: 'What the plans reckon, by the group’s own pace, for all that was not timed: rows without a sitting, and flattening, cutting, joining, balls, finishing and checking.'
		}
	];
}

/** What a period is called. */
export function periodWords(period: Period): string {
	switch (period.of) {
		case 'all':
			return 'In all';
		case 'season':
			return `Season ${seasonName(period.begins)}`;
		case 'year':
			return `Year ${period.year}`;
		case 'delivery':
			return `Delivery ${period.code}`;
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
