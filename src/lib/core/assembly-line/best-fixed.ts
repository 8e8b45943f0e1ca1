import type { Rng } from '../statistics/rng';
import type { LineStation } from './assembly-line';
import type { Search, SeatPlan, Tried } from './seat-plans';
import { better, tried } from './seat-plans';

/**
 * The best day in which nobody changes seats: all of them are tried up to six people, else so many
 * starts are bettered a person at a time.
 *
 * @param enough a worth at which nothing more is tried
 * @example bestFixed({ day: { line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 600 }, people: [{ name: 'Pia', speeds: evenly(1), may: ['ball'], fromS: 0, toS: 600 }], free: [{ name: 'Pia', speeds: evenly(1), may: ['ball'], fromS: 0, toS: 600 }], may: [['ball']], rules: { cutTool: 'scissors', tools: {}, children: new Set() }, judged: new Set(), isHeld: false }, seededRng(1), 1, Infinity).worth // 3
 */
export function bestFixed(search: Search, rng: Rng, starts: number, enough: number): Tried {
	const { free, may, isHeld } = search;
	// Where tools are few or a child wants company, somebody may have to stay without a seat.
	const choices = may.map((stations): readonly (LineStation | null)[] =>
		isHeld || stations.length === 0 ? [...stations, null] : stations
	);
	const planOf = (stations: readonly (LineStation | null)[]): SeatPlan =>
		stations.map((station, at) => [{ station, fromS: free[at]?.fromS ?? 0 }]);
	const first = planOf(choices.map(() => null));
	let best = tried(search, first);
	// All are tried where there are few.
	if (free.length <= 6) {
		const at = choices.map(() => 0);
		for (;;) {
			best = better(
				best,
				tried(search, planOf(choices.map((own, nth) => own[at[nth] ?? 0] ?? null)))
			);
			let nth = 0;
			while (nth < at.length) {
				at[nth] = (at[nth] ?? 0) + 1;
				if ((at[nth] ?? 0) < (choices[nth]?.length ?? 0)) break;
				at[nth++] = 0;
			}
			if (nth === at.length) return best;
		}
	}
	for (let start = 0; start < starts && best.worth < enough; start++) {
		const stations = choices.map((own) => own[Math.floor(rng() * own.length)] ?? null);
		let here = tried(search, planOf(stations));
		for (let isBetter = true; isBetter;) {
			isBetter = false;
			for (const [nth, own] of choices.entries())
				for (const station of own) {
					if (station === stations[nth]) continue;
					const before = stations[nth] ?? null;
					stations[nth] = station;
					const there = tried(search, planOf(stations));
					if (there.score > here.score) {
						here = there;
						isBetter = true;
					} else stations[nth] = before;
				}
		}
		best = better(best, here);
	}
	return best;
}
