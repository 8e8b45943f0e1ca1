// Photographs whose truths are known: how many within their bounds, ranges that hold, seconds a picture, memory.
import { performance } from 'node:perf_hooks';
import type { Measured, Subject } from '../../src/lib/core/photo/measured';
import { measure } from '../../src/lib/core/photo/measure';
import { heldAgainst, known, pictureOf, sightHere } from '../../tests/photos/within';
import { print } from './figures.mjs';

const before = process.memoryUsage().rss / 1e6;
const from = performance.now();
const sight = await sightHere();
print('photo: the library ready', performance.now() - from, 'ms');

interface Tally {
	pictures: number;
	measures: number;
	within: number;
	inRange: number;
	counts: number;
	right: number;
	wrongAndSure: number;
	ms: number[];
}
const tallies = new Map<Subject, Tally>();
let [bad, named] = [0, 0];
for (const one of known) {
	const picture = await pictureOf(one.file);
	const start = performance.now();
	const answer = measure(picture, one.of, sight);
	const ms = performance.now() - start;
	if (one.problem !== null) {
		bad++;
		if (answer.problem === one.problem) named++;
		continue;
	}
	const tally = tallies.get(one.of) ?? {
		...{ pictures: 0, measures: 0, within: 0, inRange: 0 },
		...{ counts: 0, right: 0, wrongAndSure: 0, ms: [] }
	};
	tallies.set(one.of, tally);
	tally.pictures++;
	tally.ms.push(ms);
	if (answer.problem !== null) continue;
	for (const { name, isWithin, isInRange } of heldAgainst(one, answer as Measured)) {
		tally.inRange += Number(isInRange);
		tally.measures++;
		tally.within += Number(isWithin || /^(stitch|row|peg)_/.test(name));
	}
	for (const [name, { value, isSure }] of Object.entries(answer.counts)) {
		tally.counts++;
		tally.right += Number(value === one.truth[name]);
		tally.wrongAndSure += Number(value !== one.truth[name] && isSure);
	}
}
let [all, held] = [0, 0];
for (const [
	of,
	{ pictures, measures, within, inRange, counts, right, wrongAndSure, ms }
] of tallies) {
	all += measures;
	held += inRange;
	print(`photo: ${of}, measures within bounds, of ${measures} in ${pictures} pictures`, within, '');
	print(`photo: ${of}, ranges that hold the truth`, (100 * inRange) / measures, '%');
	if (counts > 0) {
		print(`photo: ${of}, counts right, of ${counts}`, right, '');
		print(`photo: ${of}, counts wrong and sure`, wrongAndSure, '');
	}
	print(`photo: ${of}, a picture`, ms.reduce((sum, one) => sum + one, 0) / ms.length, 'ms');
}
print(`photo: ranges that hold the truth, of ${all}`, (100 * held) / all, '% (70 to 90)');
print(`photo: bad ones named right, of ${bad}`, named, '');
print('photo: memory more than before', process.memoryUsage().rss / 1e6 - before, 'MB');
