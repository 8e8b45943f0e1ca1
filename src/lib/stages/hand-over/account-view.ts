import { monthWords } from '$lib/ui/day-words';
import { groupBy } from '$lib/core/group-by';
import type { ChartBar } from '$lib/core/drawing/bars-scene';
import { seasonOf } from '$lib/core/hand-over/season-of';

/** Results so far: counted from what was handed over, not guessed. */
export interface HandedOver {
	readonly deliveries: number;
	readonly mats: number;
	readonly m2: number;
	/** Bags whose strand lies in the mats, as the labels of their balls say, and mats of which none says so. */
	readonly matBags: number;
	readonly matsUncounted: number;
	/** Of `matBags`, those that were new, and those of which nobody has said. */
	readonly newBags: number;
	readonly unknownBags: number;
	/** Mats whose labels say of a part of them only which bags lie in it: their other bags are not counted. */
	readonly matsPartly: number;
	/** Mats that were not weighed, and of which no label says what lies in them: their film is not counted. */
	readonly matsUnweighed: number;
	readonly pillows: number;
	/** Torn bags in the pillows; scrap is weighed, and counts as no bag. */
	readonly pillowBags: number;
	readonly filmKg: number;
	/** Hands that were timed, and those that are reckoned by the plans. */
	readonly timedHours: number;
	readonly estimatedHours: number;
}

/** What one delivery came to. */
export interface DeliveryAccount extends Omit<HandedOver, 'deliveries'> {
	readonly id: number;
	readonly code: string;
	readonly placeName: string;
	readonly goesOn: string;
}

/** A mat that was handed over. */
export interface HandedMat {
	readonly id: number;
	readonly code: string;
	readonly planName: string;
	readonly delivery: string;
	readonly placeName: string;
	readonly goesOn: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number | null;
	readonly bags: number | null;
	readonly filmG: number | null;
	readonly timedHours: number;
	readonly estimatedHours: number;
	readonly pillow: string | null;
}

/** Where labels say of less than this share of what a mat weighs, not all of its balls had one. */
export const mostlyLabelled = 0.75;

const summed = [
	'mats',
	'm2',
	'matBags',
	'matsUncounted',
	'newBags',
	'unknownBags',
	'matsPartly',
	'matsUnweighed',
	'pillows',
	'pillowBags',
	'filmKg',
	'timedHours',
	'estimatedHours'
] as const;

/** Bags kept from the bin: used ones, and nothing else; torn bags of pillows were used. */
export const keptBags = ({
	matBags,
	newBags,
	unknownBags,
	pillowBags
}: Pick<HandedOver, 'matBags' | 'newBags' | 'unknownBags' | 'pillowBags'>): number =>
	matBags - newBags - unknownBags + pillowBags;

/** Several deliveries as one. */
export function addAccounts(all: readonly Omit<HandedOver, 'deliveries'>[]): HandedOver {
	const sums = Object.fromEntries(
		summed.map((name) => [name, all.reduce((sum, one) => sum + one[name], 0)])
	) as Record<(typeof summed)[number], number>;
	return { ...sums, deliveries: all.length };
}

/** Which part of all that was handed over is looked at. */
export type Period =
	| { readonly of: 'all' }
	| { readonly of: 'season'; readonly begins: number }
	| { readonly of: 'year'; readonly year: number }
	| { readonly of: 'delivery'; readonly code: string };

/** The deliveries of a period. */
export const inPeriod = <Line extends Pick<DeliveryAccount, 'code' | 'goesOn'>>(
	deliveries: readonly Line[],
	period: Period
): readonly Line[] => {
	switch (period.of) {
		case 'all':
			return deliveries;
		case 'season':
			return deliveries.filter(({ goesOn }) => seasonOf(goesOn) === period.begins);
		case 'year':
			return deliveries.filter(({ goesOn }) => goesOn.startsWith(`${period.year}-`));
		case 'delivery':
			return deliveries.filter(({ code }) => code === period.code);
	}
};

/** A period of what was handed over, as a page shows it. */
export interface AccountOfPeriod {
	readonly period: Period;
	readonly account: HandedOver;
	/** The newest of its deliveries, and how many more there are. */
	readonly deliveries: readonly DeliveryAccount[];
	readonly more: number;
	readonly bars: readonly ChartBar[];
	/** Other periods there are: years that seasons begin in, and years of the calendar. */
	readonly seasons: readonly number[];
	readonly years: readonly number[];
	/** Of one delivery, its mats. */
	readonly mats: readonly HandedMat[];
}

/** Mats handed over by month, as a bar each; over several seasons, by season. */
export function barsOf(
	deliveries: readonly Pick<DeliveryAccount, 'goesOn' | 'mats'>[],
	period: Period
): ChartBar[] {
	const sum = (own: typeof deliveries) => own.reduce((mats, one) => mats + one.mats, 0);
	if (period.of === 'delivery') return [];
	if (period.of === 'all') {
		const by = groupBy(deliveries, ({ goesOn }) => seasonOf(goesOn));
		return [...by]
			.toSorted(([one], [other]) => one - other)
			.slice(-12)
			.map(([begins, own]) => ({ name: seasonName(begins), value: sum(own) }));
	}
	const first = period.of === 'season' ? 9 : 1;
	return Array.from({ length: 12 }, (_, at) => {
		const month = ((first - 1 + at) % 12) + 1;
		const own = deliveries.filter(({ goesOn }) => Number(goesOn.slice(5, 7)) === month);
		return { name: monthWords(month), value: sum(own) };
	});
}

/** `2026/27` */
export const seasonName = (begins: number): string =>
	`${begins}/${String((begins + 1) % 100).padStart(2, '0')}`;
