import { shortDayWords } from '$lib/ui/day-words';
import { fixed, smallNumber, wholeNumber } from '$lib/ui/number-words';
import type { SeasonBasis } from './season-view';

/** One thing a forecast rests on: what is known of it, and where it came from. */
export interface Rest {
	readonly of: 'mat' | 'bags' | 'places' | 'days' | 'makers' | 'tools' | 'checks';
	readonly title: string;
	readonly words: string;
	readonly href: string;
	readonly where: string;
}

/** Fewer than so many say little. */
const enough = 6;
const thinWords = (count: number): string =>
	count === 0
		? ' None is known yet: what tables usually do stands for it.'
		: count < enough
			? ` Only ${count === 1 ? 'one is' : `${smallNumber(count)} are`} known: this says little, and the band is wide.`
			: '';
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
const percent = (share: number) => `${Math.round(100 * share)} %`;

function makersWords({ mats, freeMakers }: SeasonBasis): string {
	const known = [...mats, ...freeMakers].filter(({ weeks }) => weeks.length > 0);
	const weeks = known.reduce((sum, one) => sum + one.weeks.length, 0);
	const rates = known.map((one) => mean(one.weeks));
	const spread =
		rates.length > 0
			? ` A week brings ${percent(Math.min(...rates))} to ${percent(Math.max(...rates))} of a mat, by who makes it.`
			: '';
	const made = fixed(
		mats.reduce((sum, { done }) => sum + done, 0),
		1
	);
	return `${wholeNumber(mats.length)} mats are in hand, ${made} mats’ worth of them made; ${freeMakers.length === 0 ? 'nobody who made one before has' : freeMakers.length === 1 ? 'one who made one before has' : `${smallNumber(freeMakers.length)} who made one before have`} none just now. ${wholeNumber(weeks)} weeks of theirs are known.${spread}${thinWords(weeks)}`;
}

/** All that a forecast rests on, in words: the same on the page and on paper. */
export function restsOf(basis: SeasonBasis): Rest[] {
	const { newMat, bagsPerWeek, perPlace, perTableDay, tableDays, checks, tools } = basis;
	const bags = (mats: number) => wholeNumber(mats * newMat.bags);
	const spread = (all: readonly number[]) =>
		`${bags(Math.min(...all))} to ${bags(Math.max(...all))} bags, ${bags(mean(all))} on average`;
	const checked = checks.good + checks.mended;
	const worked = perTableDay.filter((made) => made > 0);
	const { tool } = newMat;
	return [
		{
			of: 'mat',
			title: 'A mat',
			words: `It takes ${wholeNumber(newMat.bags)} bags, and its maker some ${wholeNumber(newMat.makingSeconds / 3600)} hours, by the plans that are wanted.`,
			href: '/plans',
			where: 'Kept plans'
		},
		{
			of: 'bags',
			title: 'Bags sorted a week',
			words:
				`${bagsPerWeek.length > 0 ? `In ${smallNumber(bagsPerWeek.length)} weeks: ${spread(bagsPerWeek)}.` : ''}${thinWords(bagsPerWeek.length)} ${bags(basis.bagMats)} lie there, and ${bags(basis.strandMats)} in balls.`.trim(),
			href: '/gather/store',
			where: 'Store'
		},
		...(perPlace.length > 0
			? [
					{
						of: 'places' as const,
						title: 'Where they come from',
						words: `In twelve weeks: ${perPlace.map(({ place, bags, times }) => `${place} ${wholeNumber(bags)} in ${times === 1 ? 'one go' : `${smallNumber(times)} goes`}`).join(', ')}.`,
						href: '/gather',
						where: 'Gather'
					}
				]
			: []),
		{
			of: 'days',
			title: 'Table days',
			words:
				`${worked.length > 0 ? `Wound at the last ${smallNumber(worked.length)}: ${spread(worked)}.` : ''}${thinWords(worked.length)} To come: ${
					tableDays.length === 0
						? 'none'
						: tableDays
								.map(
									({ day, attendance }) =>
										`${shortDayWords(day)} (${percent(attendance)} of those who said yes come)`
								)
								.join(', ')
				}.`.trim(),
			href: '/prepare/days',
			where: 'Table days'
		},
		{
			of: 'makers',
			title: 'Makers’ weeks',
			words: makersWords(basis),
			href: '/make',
			where: 'Make'
		},
		...(tool
			? [
					{
						of: 'tools' as const,
						title: tool === 'loom' ? 'Looms' : 'Frames',
						words:
							tools[tool] === null
								? 'None is kept: as many are counted on as it takes.'
								: `${wholeNumber(tools[tool])} stand there; a mat is on one until it is made.`,
						href: '/prepare/tools',
						where: 'Tools'
					}
				]
			: []),
		{
			of: 'checks',
			title: 'Checks',
			words:
				`${checked > 0 ? `Of ${smallNumber(checked)}, ${checks.good === 0 ? 'none' : smallNumber(checks.good)} ${checks.good === 1 ? 'was' : 'were'} good at once.` : ''}${thinWords(checked)}`.trim(),
			href: '/check',
			where: 'Check'
		}
	];
}
