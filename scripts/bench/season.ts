// What a season will bring: how long it takes to say, and whether the intervals hold what they say for
// groups nobody modelled. A model that learns nothing of its makers must fail this.
import { forecastSeason } from '../../src/lib/core/season/forecast';
import { bestPlan } from '../../src/lib/core/season/best/best-plan';
import type { HeldSeason } from '../../src/lib/core/season/best/held';
import type { SeasonNow } from '../../src/lib/core/season/now';
import { seasonRuns } from '../../src/lib/core/season/season';
import { print, quantile } from './figures.mjs';
import { evenGroup } from './even-groups';
import { madeGroup, weeklyTables } from './groups';
import { source } from './makers';

const runs = 400;
/** Makers of a group, and how many groups: small ones differ most, and take least time. */
const sizes = [
	{ size: [3, 10], groups: 600 },
	{ size: [25, 44], groups: 300 },
	{ size: [80, 119], groups: 200 }
] as const;
/** Groups of three kinds, and those that nobody is away from or that look half a year ahead. */
const kinds: Readonly<Record<string, typeof madeGroup>> = {
	'of their own kind': madeGroup,
	'drawn evenly': (seed, size) => evenGroup(seed, size),
	'drawn evenly, some away': (seed, size) => evenGroup(seed, size, { isAway: true }),
	'drawn evenly, 26 weekly tables': (seed, size) => evenGroup(seed, size, { weeks: 26 })
};

/** Where the truth lies among the runs, ties shared out by chance; for groups of a size. */
function places(
	size: readonly [number, number],
	groups: number,
	make: typeof madeGroup,
	known: (now: SeasonNow) => SeasonNow = (now) => now
): number[] {
	return Array.from({ length: groups }, (_, group) => {
		const { now, truth } = make(10_000 * size[0] + group, size);
		const counts = seasonRuns(known(now), { seed: group, runs }).map(
			({ ready }) => ready.at(-1) ?? 0
		);
		const below = counts.filter((count) => count < truth).length;
		const alike = counts.filter((count) => count === truth).length;
		return (below + source(77_777 + group)() * (alike + 1)) / (runs + 1);
	});
}

const inMiddle = (all: readonly number[]) =>
	all.filter((place) => place >= 0.1 && place <= 0.9).length / all.length;
const mean = (all: readonly number[]) => all.reduce((sum, one) => sum + one, 0) / all.length;
/** Makers of whom no past is known. */
const forgetful = (now: SeasonNow): SeasonNow => ({
	...now,
	mats: now.mats.map((mat) => ({ ...mat, weeks: [] })),
	freeMakers: now.freeMakers.map(() => ({ weeks: [] }))
});

for (const { size, groups } of sizes) {
	const name = `season: ${size.join('–')} makers`;
	for (const [kind, make] of Object.entries(kinds)) {
		const all = places(size, groups, make);
		print(`${name} ${kind}, truth in the middle 80 %`, 100 * inMiddle(all), '% (75 to 87)');
		print(`${name} ${kind}, its mean place`, mean(all), '(0.45 to 0.55)');
	}
	const none = places(size, 100, madeGroup, forgetful);
	print(`${name}, learning nothing`, 100 * inMiddle(none), '% (fails)');
	print(`${name}, learning nothing, its mean place`, mean(none), '(fails)');
}

const { now } = madeGroup(7, [40, 40]);
const weekly: SeasonNow = {
	...now,
	weeks: 26,
	tableDays: weeklyTables(26)
};
const halfYear: number[] = [];
for (let nth = 0; nth < 6; nth++) {
	const from = performance.now();
	seasonRuns(weekly, { seed: nth, runs: 2000 });
	halfYear.push(performance.now() - from);
}
print(
	'season: 2,000 seasons of 26 weekly tables, 40 makers, median',
	quantile(halfYear, 0.5),
	'ms',
	1000
);
// The best plan: of a small season as its door asks it, and of a group of forty with sixty mats.
const heldOf = (people: number, mats: number, weeks: number): HeldSeason => {
	const group = evenGroup(3, [people, people], { weeks }).now;
	return {
		season: { ...group, mats: [], freeMakers: [], strandMats: 4, bagMats: 10 },
		makers: [...group.mats, ...group.freeMakers].map(({ weeks: past, away = [] }, at) => ({
			...{ id: `p${at}`, weeks: past, away }
		})),
		mats: Array.from({ length: mats }, (_, at) => ({
			...{ id: `m${at}`, maker: `p${at % people}`, done: ((at * 37) % 97) / 100, isOnLoom: false }
		}))
	};
};
for (const [people, mats, runs, most] of [
	[4, 4, 10_000, 3000],
	[40, 60, 2000, 10_000]
] as const) {
	const from = performance.now();
	const { asIs, best } = bestPlan(heldOf(people, mats, 12), mats, { seed: 1, runs });
	const name = `best plan: ${people} makers, ${mats} mats, ${runs} runs`;
	print(name, performance.now() - from, 'ms', most);
	print(`${name}, mats more`, best.readyBy.expected - asIs.readyBy.expected, '');
}

const large: SeasonNow = {
	...now,
	weeks: 30,
	tableDays: weeklyTables(30)
};
const plain: number[] = [];
const levers: number[] = [];
for (let nth = 0; nth < 6; nth++) {
	const from = performance.now();
	seasonRuns(large, { seed: nth, runs: 2000 });
	plain.push(performance.now() - from);
	const again = performance.now();
	forecastSeason(large, 40, 550, { seed: nth, runs: 2000 });
	levers.push(performance.now() - again);
}
print('season: 2,000 seasons of 30 weeks, 40 makers, median', quantile(plain, 0.5), 'ms', 1000);
print('season: … with three levers, median', quantile(levers, 0.5), 'ms', 4000);
