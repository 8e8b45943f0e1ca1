// What a frame of an act's movement takes of script: every act, each of its steps at shares of its way.
import { sceneAt } from '../../src/lib/stages/know-how/act-player.svelte';
import { stepsOf } from '../../src/lib/stages/know-how/lessons';
import { box, usualThings } from '../../src/lib/stages/know-how/lessons/lesson';
import { actNames } from '../../src/lib/stages/know-how/links/lesson-titles';
import { print, quantile } from './figures.mjs';

const own = {
	...usualThings,
	bagName: 'a bag',
	hookMm: 8,
	stitch: 'dc',
	system: 'cm',
	terms: 'us',
	box
} as const;
const shares = Array.from({ length: 20 }, (_, at) => (at + 0.5) / 20);

const all = actNames.map((act) => ({
	act,
	times: (stepsOf(act, own, 'right') ?? []).flatMap((step) =>
		shares.map((share) => {
			const from = performance.now();
			sceneAt(step, share, box, 'left');
			return performance.now() - from;
		})
	)
}));
const times = all.flatMap((one) => one.times);
const [slowest] = all.toSorted(
	(one, other) => quantile(other.times, 0.5) - quantile(one.times, 0.5)
);
print(`know-how: a frame of ${all.length} acts, median`, quantile(times, 0.5), 'ms', 8);
print('know-how: a frame, 99th percentile', quantile(times, 0.99), 'ms', 8);
if (slowest)
	print(
		`know-how: a frame of ${slowest.act}, the slowest act, median`,
		quantile(slowest.times, 0.5),
		'ms',
		8
	);
