import { describe, expect, it } from 'vitest';
import { minuteIn } from '$lib/ui/days';
import { bestMove } from '$lib/core/assembly-line/best-move';
import { plainly } from '$lib/core/assembly-line/day';
import { runDay } from '$lib/core/assembly-line/run-day';
import { breaksOf, clockWords, minuteOf, minuteWorked, workedOf, workedUntil } from './clock';
import type { DayPerson, DaySeat, DayWork, PlannedDay } from './day-view';
import type { DayLot } from './learned';
import { learnedOf } from './learned';
import {
	brokenSeats,
	freeOf,
	levelAt,
	lineDayOf,
	movedSeats,
	restOf,
	rulesOf,
	spareOf
} from './line-day';
import { seatOrderOf, seatsOfAdvice } from './advised';
import { thereOf, unannounced, wasThere, withComings } from './there';

const person = (id: string, seats: DayPerson['seats'], isChild = false): DayPerson => ({
	id,
	name: id,
	isChild,
	isTeen: false,
	needs: [],
	seats,
	chance: 0.8,
	came: null,
	comings: []
});
const day: PlannedDay = {
	id: 'day',
	day: '2026-12-03',
	place: 'Boat shed',
	version: 1,
	from: 1080,
	to: 1230,
	breaks: [1125, 1175],
	breakLength: 5,
	planId: null,
	ballsWanted: null,
	also: null,
	besides: { load: 0, finish: 0, check: 0, pillows: 0 },
	cutWith: 'scissors',
	teensCutSharp: false,
	isOfRule: false,
	isOpen: false,
	isClosed: false,
	foreseen: null,
	seats: [],
	people: [
		person('Bo', { flatten: 'practised', ball: 'usual' }),
		person('Kit', { flatten: 'new', 'cut-blunt': 'new', join: 'new' }, true),
		person('Mabel', { join: 'practised', flatten: 'new' }),
		person('Odo', { 'cut-sharp': 'usual', 'cut-blade': 'practised' })
	]
};
const work: DayWork = {
	planName: 'A mat',
	kind: 'Thin carrier',
	line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 },
	stock: { bags: 200, flat: 0, pieces: 0, joined: 20, balls: 0 },
	pace: { flatten: 1, cut: 0.8, join: 1, ball: 1 },
	besidePace: { load: 1, finish: 1, check: 1, pillows: 1 },
	cutters: 2
};
const seat = (personId: string, station: string, from = 1080, to = 1230): DaySeat => ({
	personId,
	station,
	from,
	to
});

describe('the clock of a day', () => {
	it('reads times as people write them, and says them', () => {
		expect(['18:05', '18.05', '6', '24:00', '24:01', 'six', '18:60', ''].map(minuteOf)).toEqual([
			1085,
			1085,
			360,
			1440,
			null,
			null,
			null,
			null
		]);
		expect([1085, 0, 1439.6].map(clockWords)).toEqual(['18:05', '00:00', '00:00']);
		expect(minuteIn('America/Denver', new Date('2026-12-03T01:05:00Z'))).toBe(18 * 60 + 5);
	});

	it('leaves breaks out of the work, and finds the way back', () => {
		expect(workedOf({ from: 1100, to: 1180 }, day)).toEqual([
			{ from: 1100, to: 1125 },
			{ from: 1130, to: 1175 }
		]);
		expect(workedUntil(1230, day)).toBe(140);
		expect([0, 44, 45, 60, 140].map((worked) => minuteWorked(worked, day))).toEqual([
			1080, 1124, 1130, 1145, 1230
		]);
		expect(breaksOf({ ...day, breaks: [1060, 1126, 1125, 1229] })).toEqual([
			{ from: 1125, to: 1130 }
		]);
	});
});

describe('a planned day as it is run', () => {
	it('gives each their speed by level and the group’s pace, with breaks and changes as gaps', () => {
		const { sittings, lengthS } = lineDayOf(day, work, [
			seat('Odo', 'cut', 1080, 1125),
			seat('Bo', 'flatten', 1080, 1140),
			seat('Bo', 'ball', 1140),
			seat('Mabel', 'weave')
		]);
		expect(lengthS).toBe(9000);
		expect(sittings).toEqual([
			{ name: 'Bo', speed: 1.3, station: 'flatten', fromS: 0, toS: 2700 },
			{ name: 'Bo', speed: 1.3, station: 'flatten', fromS: 3000, toS: 3600 },
			{ name: 'Bo', speed: 1, station: 'ball', fromS: 3720, toS: 5700 },
			{ name: 'Bo', speed: 1, station: 'ball', fromS: 6000, toS: 9000 },
			{ name: 'Odo', speed: 0.8, station: 'cut', fromS: 0, toS: 2700 }
		]);
	});

	it('knows who may sit where', () => {
		const [bo, kit, , odo] = day.people;
		if (!bo || !kit || !odo) throw new Error('nobody');
		expect(levelAt(odo, 'cut', 'rolling-blade')).toBe('practised');
		expect(levelAt(kit, 'cut', 'scissors')).toBe('new');
		expect(levelAt(kit, 'cut', 'rolling-blade')).toBeNull();
		expect(levelAt({ seats: {} }, 'cut', 'scissors')).toBeNull();
		expect(levelAt({ seats: {} }, 'join', 'scissors')).toBe('usual');
		expect(freeOf(day, work, day.people, 9000).map(({ may }) => may)).toEqual([
			['flatten', 'ball'],
			['flatten', 'cut', 'join'],
			['flatten', 'join'],
			['cut']
		]);
		expect(brokenSeats(day, work, [seat('Kit', 'join')])?.why).toBe('child-alone');
		expect(brokenSeats(day, work, [seat('Kit', 'join'), seat('Mabel', 'join')])).toBeNull();
	});

	it('moves somebody from a minute on until they would have gone', () => {
		const seats = [seat('Bo', 'flatten', 1080, 1200), seat('Odo', 'cut')];
		expect(movedSeats(seats, 'Bo', 'ball', 1100, day)).toEqual([
			seat('Odo', 'cut'),
			seat('Bo', 'flatten', 1080, 1100),
			seat('Bo', 'ball', 1100, 1200)
		]);
		expect(movedSeats(seats, 'Bo', null, 1080, day)).toEqual([seat('Odo', 'cut')]);
		expect(movedSeats(seats, 'Mabel', 'join', 1090, day)).toContainEqual(
			seat('Mabel', 'join', 1090)
		);
		const back = movedSeats(movedSeats(seats, 'Bo', 'ball', 1100, day), 'Bo', 'flatten', 1100, day);
		expect(back).toEqual([seat('Odo', 'cut'), seat('Bo', 'flatten', 1080, 1200)]);
	});

	it('brings exactly what the best move says', () => {
		const seats = [seat('Bo', 'flatten'), seat('Mabel', 'join'), seat('Odo', 'cut')];
		const before = lineDayOf(day, work, seats);
		const move = bestMove(
			before,
			freeOf(day, work, day.people, 9000),
			rulesOf(day, work),
			0,
			900,
			[]
		);
		if (!move) throw new Error('no move');
		const after = movedSeats(seats, move.name, move.to, day.from + move.atS / 60, day);
		const run = (some: readonly DaySeat[]) => runDay(lineDayOf(day, work, some), plainly);
		expect(lineDayOf(day, work, after).sittings).toEqual(move.sittings);
		expect(run(after).counts.balls - run(seats).counts.balls).toBe(move.balls);
		expect(move.balls).toBeGreaterThan(0);
	});

	it('seats who has no seat where that brings most, exactly as it says', () => {
		const seats = [seat('Bo', 'flatten'), seat('Odo', 'cut')];
		const before = lineDayOf(day, work, seats);
		const spare = spareOf(day, work, seats);
		expect(spare.map(({ person: { name } }) => name)).toEqual(['Kit', 'Mabel']);
		const everyone = freeOf(day, work, day.people, 9000);
		const move = bestMove(before, everyone, rulesOf(day, work), 0, 900, spare);
		expect(move).toMatchObject({ name: 'Mabel', from: null, to: 'join', atS: 0 });
		const after = movedSeats(seats, 'Mabel', 'join', day.from, day);
		expect(lineDayOf(day, work, after).sittings).toEqual(move?.sittings);
	});

	it('is foreseen from now on, and keeps what was sat before', () => {
		expect(restOf(day, 1100).from).toBe(1100);
		expect(restOf(day, 1000).from).toBe(1080);
		expect(restOf(day, 1229).from).toBe(1080);
		const rest = restOf(day, 1100);
		expect(lineDayOf(rest, work, [seat('Bo', 'flatten')]).sittings[0]).toMatchObject({
			fromS: 0,
			toS: 1500
		});
		const advised = [{ name: 'Bo', speed: 1, station: 'ball' as const, fromS: 0, toS: 7500 }];
		expect(
			seatsOfAdvice({ sittings: advised, besides: [] }, rest, [
				seat('Bo', 'flatten'),
				seat('Mabel', 'weave')
			])
		).toEqual([
			seat('Bo', 'flatten', 1080, 1100),
			seat('Mabel', 'weave'),
			seat('Bo', 'ball', 1100)
		]);
	});

	/** Lots of so many, so many minutes one after the other, from a minute of the day on. */
	const lots = (
		station: DayLot['station'],
		count: number,
		everyMin: number,
		fromMin: number,
		nth = 1
	): DayLot[] =>
		Array.from({ length: nth }, (_, at) => ({
			station,
			count,
			atS: (fromMin + at * everyMin) * 60
		}));
	const open = { ...day, seats: [seat('Bo', 'flatten', 1080, 1140), seat('Odo', 'cut')] };

	it('teaches what lay between the first tap of a sitting and its last, breaks and starving left out', () => {
		const foreseen = {
			balls: 0,
			low: 0,
			high: 0,
			worked: { flatten: 1, cut: 0.5, join: 1, ball: 1 }
		};
		const tapped = [...lots('flatten', 20, 10, 1090, 5), ...lots('cut', 3, 2, 1100, 11)];
		const came = { ...open, foreseen };
		expect(learnedOf(came, work, tapped)).toMatchObject([
			// From 18:10 to 18:50 with a break of five, by somebody of 1.3 times the pace; 80 bags after the first lot.
			{ station: 'flatten', units: 80, minutes: 45.5, knownS: 15, isOdd: true },
			// Twenty minutes of the usual, half of them worked; 30 bags after the first lot, 20 s each of 30.
			{ station: 'cut', units: 30, minutes: 10, knownS: 30, isOdd: false }
		]);
		const missed = day.people.map((one) => ({ ...one, came: one.id !== 'Bo' }));
		expect(learnedOf({ ...came, people: missed }, work, tapped)).toHaveLength(1);
	});

	it.each([
		['nothing tapped', []],
		['two lots only', lots('flatten', 20, 5, 1090, 2)],
		['lots with long pauses between', lots('flatten', 20, 21, 1080, 3)],
		['lots where nobody sat', lots('join', 1, 1, 1090, 20)],
		['lots after whoever sat there had gone', lots('flatten', 20, 5, 1145, 4)]
	])('of %s teaches nothing', (_, tapped) => {
		expect(learnedOf(open, work, tapped)).toEqual([]);
	});

	it('never teaches more minutes than people were there, who came late or left', () => {
		const people = day.people.map((one) =>
			one.id === 'Bo' ? { ...one, comings: [{ as: 'left' as const, minute: 1100, id: 1 }] } : one
		);
		const [learned] = learnedOf({ ...open, people }, work, lots('flatten', 20, 10, 1090, 5));
		expect(learned?.minutes).toBe(13);
	});

	it('adds sittings up, and asks about a speed of half the known or less', () => {
		const twice = [...lots('cut', 3, 1, 1085, 5), ...lots('cut', 3, 1, 1130, 5)];
		expect(learnedOf(open, work, twice)).toMatchObject([
			{ station: 'cut', units: 24, minutes: 8, isOdd: false }
		]);
		const quick = lots('cut', 3, 0.1, 1085, 5);
		expect(learnedOf(open, work, quick)).toMatchObject([{ units: 12, minutes: 0.4, isOdd: true }]);
	});
});

describe('who is there', () => {
	const said = (as: 'came' | 'left', minute: number) => ({ as, minute, id: null });
	it.each([
		['nothing', [], [{ from: 0, to: 1440 }]],
		['came', [said('came', 1100)], [{ from: 1100, to: 1440 }]],
		['left', [said('left', 1150)], [{ from: 0, to: 1150 }]],
		['left before it began', [said('left', 0)], []],
		[
			'left and came again, said out of order',
			[said('left', 1150), said('came', 1180), said('came', 1090)],
			[
				{ from: 1090, to: 1150 },
				{ from: 1180, to: 1440 }
			]
		],
		['came twice', [said('came', 1100), said('came', 1120)], [{ from: 1100, to: 1440 }]]
	])('when it was said: %s', (_, comings, there) => {
		expect(thereOf(comings)).toEqual(there);
	});

	const bo = { personId: 'Bo', station: 'flatten', from: 1080, to: 1230 };
	const withBo = (comings: DayPerson['comings']): PlannedDay => ({
		...day,
		seats: [bo],
		people: day.people.map((one) => (one.id === 'Bo' ? { ...one, comings } : one))
	});

	it('is worked no longer than somebody is there, breaks left out', () => {
		const { sittings } = lineDayOf(withBo([said('came', 1095), said('left', 1150)]), work, [bo]);
		expect(sittings.map(({ fromS, toS }) => [fromS / 60, toS / 60])).toEqual([
			[15, 45],
			[50, 70]
		]);
	});

	it('is asked for seats only while they are there', () => {
		const order = (comings: DayPerson['comings']) =>
			seatOrderOf(withBo(comings), work, []).people.find(({ name }) => name === 'Bo');
		expect(order([])).toMatchObject({ fromS: 0, toS: 140 * 60 });
		// Breaks before are not worked time.
		expect(order([said('came', 1140), said('left', 1160)])).toMatchObject({
			fromS: 55 * 60,
			toS: 75 * 60
		});
		expect(order([said('left', 1080)])).toBeUndefined();
		expect(
			spareOf(withBo([said('left', 1120)]), work, []).find(({ person }) => person.name === 'Bo')
				?.stretches
		).toEqual([{ fromS: 0, toS: 2400 }]);
	});

	it('came, for all that is known, unless they left before it began', () => {
		const was = (comings: DayPerson['comings'], name = 'Bo') => {
			const found = withBo(comings);
			const person = found.people.find(({ id }) => id === name);
			return person && wasThere(person, found);
		};
		expect(was([])).toBe(true);
		expect(was([], 'Mabel')).toBe(false);
		expect(was([said('left', 1080)])).toBe(false);
		expect(was([said('left', 1100)])).toBe(true);
	});

	const done = (key: string, type: string, typed: Record<string, string>) => ({ key, type, typed });
	it('is shown before it is sent, and nothing that is undone', () => {
		const kept = withBo([{ as: 'came', minute: 1085, id: 7 }]);
		const ahead = [
			done('k0', 'correction', { of: 'entry', corrects: '7' }),
			done('k1', 'presence', { day: 'day', person: 'Bo', as: 'left', minute: '1200' }),
			done('k2', 'presence', { day: 'day', person: 'suri', as: 'came', minute: '1100' }),
			done('k3', 'presence', { day: 'other', person: 'Odo', as: 'left', minute: '1100' }),
			// Said by mistake, and taken back before it was read.
			done('k4', 'presence', { day: 'day', person: 'Mabel', as: 'left', minute: '1100' }),
			done('k5', 'correction', { of: 'key', corrects: 'k4' })
		];
		const { people } = withComings(kept, [{ id: 'suri', name: 'Suri' }], ahead, unannounced);
		expect(people.map(({ name, comings }) => [name, comings.map(({ minute }) => minute)])).toEqual([
			['Bo', [1200]],
			['Kit', []],
			['Mabel', []],
			['Odo', []],
			['Suri', [1100]]
		]);
		expect(withComings(kept, [], [], unannounced)).toBe(kept);
	});
});

describe('what is wanted beside the line', () => {
	const wanting: PlannedDay = { ...day, besides: { load: 20, finish: 0, check: 0, pillows: 3 } };
	const able: PlannedDay = {
		...wanting,
		people: [
			person('Bo', { pillows: 'practised' }),
			person('Kit', { pillows: 'usual' }, true),
			person('Wren', { load: 'new', join: 'usual' })
		]
	};
	it('is asked of the adults who sit there, each by their pace', () => {
		const { besides, people } = seatOrderOf(able, work, []);
		expect(besides).toEqual([
			{ work: 'load', seconds: 1800, speeds: { Wren: 0.6 } },
			{ work: 'pillows', seconds: 3600, speeds: { Bo: 1.3 } }
		]);
		// Bo may sit at no station of the line, and is there for the pillows.
		expect(people.map(({ name, may }) => [name, may])).toEqual([
			['Bo', []],
			['Wren', ['join']]
		]);
	});

	it('is less by what was sat at it before, and asked anew from then on', () => {
		const seats: DaySeat[] = [
			{ personId: 'Bo', station: 'pillows', from: 1080, to: 1140 },
			{ personId: 'Wren', station: 'weave', from: 1080, to: 1230 }
		];
		const rest = restOf(able, 1100);
		const { besides, people } = seatOrderOf(rest, work, seats);
		expect(besides).toEqual([
			{ work: 'load', seconds: 1800, speeds: {} },
			{ work: 'pillows', seconds: 3600 - 20 * 60 * 1.3, speeds: { Bo: 1.3 } }
		]);
		expect(people.map(({ name }) => name)).toEqual(['Bo']);
		const advised = {
			sittings: [],
			besides: [{ name: 'Bo', work: 'pillows' as const, fromS: 0, toS: 600 }]
		};
		expect(seatsOfAdvice(advised, rest, seats)).toEqual([
			{ personId: 'Bo', station: 'pillows', from: 1080, to: 1100 },
			{ personId: 'Wren', station: 'weave', from: 1080, to: 1230 },
			{ personId: 'Bo', station: 'pillows', from: 1100, to: 1110 }
		]);
	});
});

describe('things to allow for', () => {
	const withNeeds = (id: string, more: Partial<DayPerson>): PlannedDay => ({
		...day,
		people: day.people.map((one) => (one.id === id ? { ...one, ...more } : one))
	});
	it('short spells are gaps in the day that is run, and one seat where it is kept', () => {
		const short = withNeeds('Mabel', { needs: ['short-spells'] });
		const { sittings } = lineDayOf(short, work, [seat('Mabel', 'join')]);
		expect(sittings.map(({ fromS, toS }) => [fromS / 60, toS / 60])).toEqual([
			[0, 30],
			[40, 45],
			[50, 75],
			[85, 95],
			[100, 120],
			[130, 150]
		]);
		const order = seatOrderOf(short, work, []);
		expect(order.people.find(({ name }) => name === 'Mabel')?.needsRests).toBe(true);
		const parts = [0, 2400].map((fromS) => ({
			name: 'Mabel',
			speed: 1,
			station: 'join' as const,
			fromS,
			toS: fromS + 1800
		}));
		expect(seatsOfAdvice({ sittings: parts, besides: [] }, short, [])).toHaveLength(1);
	});
	it('poor sight cuts nothing; a teenager has sharp scissors only where the group allows it, beside an adult', () => {
		expect(
			brokenSeats(withNeeds('Odo', { needs: ['low-sight'] }), work, [seat('Odo', 'cut')])
		).toMatchObject({ why: 'barred', name: 'Odo' });
		const teen = withNeeds('Odo', { isTeen: true });
		expect(brokenSeats(teen, work, [seat('Odo', 'cut')])).toBeNull();
		const sharp = { ...teen, teensCutSharp: true };
		expect(brokenSeats(sharp, work, [seat('Odo', 'cut')])).toMatchObject({ why: 'alone' });
		expect(brokenSeats(sharp, work, [seat('Odo', 'cut'), seat('Bo', 'cut')])).toBeNull();
	});
	it('whoever changed twice before stays where they are', () => {
		const seats = [
			seat('Bo', 'flatten', 1080, 1090),
			seat('Bo', 'ball', 1090, 1100),
			seat('Bo', 'flatten', 1100, 1230),
			seat('Mabel', 'join', 1080, 1230)
		];
		const order = seatOrderOf(restOf(day, 1130), work, seats);
		const of = (id: string) => order.people.find(({ name }) => name === id);
		expect(of('Bo')).toMatchObject({ changes: 0, may: ['flatten'] });
		expect(of('Mabel')).toMatchObject({ changes: 1, may: ['flatten', 'join'] });
		expect(of('Odo')?.changes).toBeUndefined();
	});
});
