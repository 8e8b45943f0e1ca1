import { restsWords as msg } from '$lib/words/season';
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
		? msg.noneIsKnownYetWhat()
		: count < enough
			? msg.onlyKnownSoTheRange({
					part: count === 1 ? msg.oneIs() : msg.are({ count: smallNumber(count) })
				})
			: '';
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
const percent = (share: number) => `${Math.round(100 * share)} %`;

function makersWords({ mats, freeMakers }: SeasonBasis): string {
	const known = [...mats, ...freeMakers].filter(({ weeks }) => weeks.length > 0);
	const weeks = known.reduce((sum, one) => sum + one.weeks.length, 0);
	const rates = known.map((one) => mean(one.weeks));
	const spread =
		rates.length > 0
			? msg.aWeekBringsToOf({
					percent: percent(Math.min(...rates)),
					percent2: percent(Math.max(...rates))
				})
			: '';
	const made = fixed(
		mats.reduce((sum, { done }) => sum + done, 0),
		1
	);
	return msg.matsAreInHandMats({
		length: wholeNumber(mats.length),
		made,
		part:
			freeMakers.length === 0
				? msg.nobodyWhoMadeOneBefore()
				: freeMakers.length === 1
					? msg.oneWhoMadeOneBefore()
					: msg.whoMadeOneBeforeHave({ length: smallNumber(freeMakers.length) }),
		weeks: wholeNumber(weeks),
		spread,
		thin: thinWords(weeks)
	});
}

/** All that a forecast rests on, in words: the same on the page and on paper. */
export function restsOf(basis: SeasonBasis): Rest[] {
	const { newMat, bagsPerWeek, perPlace, perTableDay, tableDays, checks, tools } = basis;
	const bags = (mats: number) => wholeNumber(mats * newMat.bags);
	const spread = (all: readonly number[]) =>
		msg.toBagsOnAverage({
			bags: bags(Math.min(...all)),
			bags2: bags(Math.max(...all)),
			bags3: bags(mean(all))
		});
	const checked = checks.good + checks.mended;
	const worked = perTableDay.filter((made) => made > 0);
	const { tool } = newMat;
	return [
		{
			of: 'mat',
			title: msg.aMat(),
			words: msg.itTakesBagsAndIts({
				bags: wholeNumber(newMat.bags),
				makingSeconds: wholeNumber(newMat.makingSeconds / 3600)
			}),
			href: '/plans',
			where: msg.plans()
		},
		{
			of: 'bags',
			title: msg.bagsSortedAWeek(),
			words: msg
				.lieThereAndInBalls({
					part:
						bagsPerWeek.length > 0
							? msg.inWeeks({
									length: smallNumber(bagsPerWeek.length),
									spread: spread(bagsPerWeek)
								})
							: '',
					thin: thinWords(bagsPerWeek.length),
					bags: bags(basis.bagMats),
					bags2: bags(basis.strandMats)
				})
				.trim(),
			href: '/gather/store',
			where: msg.store()
		},
		...(perPlace.length > 0
			? [
					{
						of: 'places' as const,
						title: msg.whereTheyComeFrom(),
						words: msg.inTwelveWeeks({
							perPlace: perPlace
								.map(({ place, bags, times }) =>
									msg.in({
										place,
										bags: wholeNumber(bags),
										part: times === 1 ? msg.oneTime() : msg.times({ times })
									})
								)
								.join(', ')
						}),
						href: '/gather',
						where: msg.gather()
					}
				]
			: []),
		{
			of: 'days',
			title: msg.tableDays(),
			words: msg
				.toCome({
					part:
						worked.length > 0
							? msg.woundAtTheLast({ length: smallNumber(worked.length), spread: spread(worked) })
							: '',
					thin: thinWords(worked.length),
					part2:
						tableDays.length === 0
							? msg.none()
							: tableDays
									.map(({ day, attendance }) =>
										msg.ofThoseWhoSaidYes({
											shortDay: shortDayWords(day),
											percent: percent(attendance)
										})
									)
									.join(', ')
				})
				.trim(),
			href: '/prepare/days',
			where: msg.tableDays()
		},
		{
			of: 'makers',
			title: msg.makersWeeks(),
			words: makersWords(basis),
			href: '/make',
			where: msg.make()
		},
		...(tool
			? [
					{
						of: 'tools' as const,
						title: tool === 'loom' ? msg.looms() : msg.frames(),
						words:
							tools[tool] === null
								? msg.noneIsListedSoWe()
								: msg.youHaveAMatNeeds({ tools: wholeNumber(tools[tool]) }),
						href: '/prepare/tools',
						where: msg.tools()
					}
				]
			: []),
		{
			of: 'checks',
			title: msg.checks(),
			words:
				`${checked > 0 ? msg.ofGoodPluralOneOther({ checked: smallNumber(checked), part: checks.good === 0 ? msg.none() : smallNumber(checks.good), good: checks.good }) : ''}${thinWords(checked)}`.trim(),
			href: '/check',
			where: msg.check()
		}
	];
}
