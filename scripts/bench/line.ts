// A day at the table: run plainly, run by chance, and its seats advised, with what no day could beat.
import { line, nothing } from '../../src/lib/core/assembly-line/day.arbitrary';
import { plainly } from '../../src/lib/core/assembly-line/day';
import { lineStations } from '../../src/lib/core/assembly-line/assembly-line';
import { evenly } from '../../src/lib/core/assembly-line/people';
import { manyDays } from '../../src/lib/core/assembly-line/many-days';
import { addsOf } from '../../src/lib/core/assembly-line/adds';
import { bestMove } from '../../src/lib/core/assembly-line/best-move';
import { besideWorks } from '../../src/lib/core/assembly-line/beside';
import { runDay } from '../../src/lib/core/assembly-line/run-day';
import { usualSpreads } from '../../src/lib/core/assembly-line/seeded-chance';
import { seatDay } from '../../src/lib/server/heavy/seat-day';
import { print, quantile } from './figures.mjs';

const lengthS = 3 * 3600;
const stock = { ...nothing, bags: 1500 };
const names = Array.from({ length: 16 }, (_, at) => `Person ${at}`);
const speeds = [1, 1, 1, 1.3, 0.6, 1];
const seats = ['flatten', 'cut', 'cut', 'cut', 'cut', 'join', 'join', 'join'] as const;
const sittings = names.map((name, at) => ({
	name,
	speed: speeds[at % 6] ?? 1,
	station: at === 15 ? ('ball' as const) : (seats[at % 8] ?? 'join'),
	fromS: 0,
	toS: lengthS
}));
const day = { line, stock, room: {}, lengthS, sittings };

for (let warm = 0; warm < 200; warm++) runDay(day, plainly);
const plain = Array.from({ length: 100 }, () => {
	const from = performance.now();
	runDay(day, plainly);
	return performance.now() - from;
});
print('line: a day of 16 people and 3 hours, median', quantile(plain, 0.5), 'ms', 4);

const from = performance.now();
manyDays(day, { runs: 200, seed: 1, spreads: usualSpreads }, () => {});
print('line: 200 such days by chance', performance.now() - from, 'ms', 800);

const everyone = sittings.map(({ name, speed }) => ({
	name,
	speeds: evenly(speed),
	may: lineStations,
	fromS: 0,
	toS: lengthS
}));
const rules = { cutTool: 'scissors' as const, tools: { cut: 6 }, children: new Set<string>() };

const replanned = performance.now();
const long = { ...day, stock: { ...stock, bags: 4000 } };
runDay(long, plainly);
addsOf(long, plainly);
const move = bestMove(long, everyone, rules, 0, 900, []);
print('line: planned anew from now, with the best move', performance.now() - replanned, 'ms', 1000);
print('line: … which brings', move?.worth ?? 0, 'balls');

for (const bags of [1500, 4000]) {
	const begun = performance.now();
	const { worth, bound, fixedWorth } = await seatDay({
		day: { line, stock: { ...stock, bags }, room: {}, lengthS },
		people: everyone,
		rules,
		besides: besideWorks.map((work) => ({
			work,
			seconds: 3600,
			speeds: Object.fromEntries(names.map((name) => [name, 1]))
		})),
		seed: 1
	});
	print(
		`line: seats for 16 people at 8 stations, ${bags} bags`,
		performance.now() - begun,
		'ms',
		3000
	);
	print(`line: … worth without changes`, fixedWorth, 'balls');
	print(`line: … worth as advised`, worth, 'balls');
	print(`line: … at most`, bound ?? NaN, 'balls');
}
