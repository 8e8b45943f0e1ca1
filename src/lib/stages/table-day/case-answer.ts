import { addsOf } from '$lib/core/assembly-line/adds';
import { adviseSeats, usualTrials } from '$lib/core/assembly-line/advise';
import type { SeatTime } from '$lib/core/assembly-line/day';
import { plainly } from '$lib/core/assembly-line/day';
import { manyDays } from '$lib/core/assembly-line/many-days';
import { isFree } from '$lib/core/assembly-line/people';
import { runDay } from '$lib/core/assembly-line/run-day';
import { usualSpreads } from '$lib/core/assembly-line/seeded-chance';
import type { DayCase } from './case-file';

const toDecimals = (value: number, places: number): number => Number(value.toFixed(places));

/** The seats of a day: those who are free are seated as it is advised. */
export function seatsOf({ day, people, rules, seed }: DayCase): readonly SeatTime[] {
	const seated = people.filter((person): person is SeatTime => !isFree(person));
	if (seated.length === people.length) return seated;
	const trials = usualTrials(people.length, day.lengthS);
	return adviseSeats(day, people, rules, { trials, seed }).sittings;
}

/** What a day comes to, in the words of the JSON door. */
export function dayAnswer(asked: DayCase): object {
	const day = { ...asked.day, sittings: seatsOf(asked) };
	const { counts, seats } = runDay(day, plainly);
	return {
		counts: { ...counts, joined: toDecimals(counts.joined, 6) },
		seats: day.sittings.map(({ name, station, fromS, toS }, at) => {
			const { workedS = 0, starvedS = 0, blockedS = 0 } = seats[at] ?? {};
			return {
				name,
				station,
				from: fromS / 60,
				to: toS / 60,
				worked_s: toDecimals(workedS, 1),
				starved_s: toDecimals(starvedS, 1),
				blocked_s: toDecimals(blockedS, 1)
			};
		}),
		adds: addsOf(day, plainly),
		...(asked.noise && {
			balls: manyDays(day, { ...asked.noise, spreads: usualSpreads }, () => {})
		})
	};
}
