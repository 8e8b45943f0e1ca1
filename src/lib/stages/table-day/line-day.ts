import type { Spare } from '$lib/core/assembly-line/best-move';
import type { LineDay, SeatTime } from '$lib/core/assembly-line/day';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { byStation, lineStations } from '$lib/core/assembly-line/assembly-line';
import type { FreePerson } from '$lib/core/assembly-line/people';
import type { SeatRules } from '$lib/core/assembly-line/rules';
import { brokenRule } from '$lib/core/assembly-line/rules';
import { inSpells } from '$lib/core/assembly-line/spells';
import type { Level } from '$lib/stages/people/seats';
import { workedOf } from './clock';
import type { DayPerson, DaySeat, DayWork, PlannedDay } from './day-view';
import { seatsThere, stayIn } from './there';

/** What a level multiplies the group's pace by. @source bench default */
const levelSpeeds: Readonly<Record<Level, number>> = { new: 0.6, usual: 1, practised: 1.3 };
/** Rising from one seat and settling at another, minutes. */
const changeMinutes = 2;

export const isLineStation = (station: string): station is LineStation =>
	(lineStations as readonly string[]).includes(station);

/** How at home somebody is at a station; null where they may not sit there. Whoever has no seats said does all but cut. */
export function levelAt(
	{ seats }: Pick<DayPerson, 'seats'>,
	station: LineStation,
	cutTool: DayWork['line']['cutTool']
): Level | null {
	if (Object.keys(seats).length === 0) return station === 'cut' ? null : 'usual';
	if (station !== 'cut') return seats[station] ?? null;
	return cutTool === 'rolling-blade'
		? (seats['cut-blade'] ?? null)
		: (seats['cut-sharp'] ?? seats['cut-blunt'] ?? null);
}

/** The same as a number: what a level multiplies the pace by; the usual where none is said. */
export const speedOfLevel = (level: Level | null): number => levelSpeeds[level ?? 'usual'];

/** How fast somebody is at a station, against the craft's pace; the group's usual where they were never said to sit there. */
function speedAt(person: DayPerson, station: LineStation, { line, pace }: DayWork): number {
	return speedOfLevel(levelAt(person, station, line.cutTool)) * pace[station];
}

/** The rules of a day's seats. */
export const rulesOf = (
	{ people, teensCutSharp }: PlannedDay,
	{ line, cutters }: DayWork
): SeatRules => ({
	cutTool: line.cutTool,
	tools: cutters === null ? {} : { cut: cutters },
	children: new Set(people.filter(({ isChild }) => isChild).map(({ id }) => id)),
	teens: new Set(people.filter(({ isTeen }) => isTeen).map(({ id }) => id)),
	company: new Map(
		people.flatMap((person): [string, readonly LineStation[]][] =>
			person.needs.includes('company')
				? [[person.id, lineStations]]
				: isAtSharpScissors(person, teensCutSharp, line.cutTool)
					? [[person.id, ['cut']]]
					: []
		)
	),
	barred: new Map(
		people
			.filter(({ needs }) => needs.includes('low-sight'))
			.map(({ id }): [string, readonly LineStation[]] => [id, ['cut']])
	)
});

/** Whether a teenager cuts with sharp scissors when they cut: where the group allows it, and they may. */
const isAtSharpScissors = (
	{ isTeen, seats }: DayPerson,
	teensCutSharp: boolean,
	cutTool: DayWork['line']['cutTool']
): boolean =>
	isTeen && teensCutSharp && cutTool !== 'rolling-blade' && seats['cut-sharp'] !== undefined;

/** The sittings of the line, by the hall's clock: breaks are gaps, and so is changing seats. */
function sittingsOf(day: PlannedDay, work: DayWork, seats: readonly DaySeat[]): SeatTime[] {
	const there = seatsThere(seats, day.people);
	return day.people.flatMap((person): SeatTime[] => {
		const own = there
			.filter(({ personId }) => personId === person.id)
			.toSorted((a, b) => a.from - b.from);
		const sittings = own.flatMap(({ station, from, to }, at): SeatTime[] => {
			if (!isLineStation(station)) return [];
			const before = own[at - 1];
			const begins =
				before && before.station !== station ? Math.max(from, before.to + changeMinutes) : from;
			const within = { from: Math.max(begins, day.from), to: Math.min(to, day.to) };
			if (within.from >= within.to) return [];
			return workedOf(within, day).map((part) => ({
				name: person.id,
				speed: speedAt(person, station, work),
				station,
				fromS: (part.from - day.from) * 60,
				toS: (part.to - day.from) * 60
			}));
		});
		return person.needs.includes('short-spells') ? inSpells(sittings) : sittings;
	});
}

/** A day as it is run: people by their ids. */
export const lineDayOf = (day: PlannedDay, work: DayWork, seats: readonly DaySeat[]): LineDay => ({
	line: work.line,
	stock: work.stock,
	room: {},
	lengthS: (day.to - day.from) * 60,
	sittings: sittingsOf(day, work, seats)
});

/** What is against the rules in some seats, or null. */
export const brokenSeats = (day: PlannedDay, work: DayWork, seats: readonly DaySeat[]) =>
	brokenRule(
		sittingsOf(day, work, seats),
		rulesOf(day, work),
		new Set(day.people.map(({ id }) => id))
	);

/** People who may sit at the line, from when to when: in seconds since the beginning. */
export const freeOf = (
	day: PlannedDay,
	work: DayWork,
	people: readonly DayPerson[],
	lengthS: number
): FreePerson[] =>
	people.flatMap((person): FreePerson[] => {
		const may = lineStations.filter((station) => levelAt(person, station, work.line.cutTool));
		if (may.length === 0 || !stayIn(person, day)) return [];
		const speeds = byStation((station) => speedAt(person, station, work));
		const needsRests = person.needs.includes('short-spells');
		return [{ name: person.id, speeds, may, fromS: 0, toS: lengthS, needsRests }];
	});

/** Somebody moved to a station from a minute on, until they would have gone; null takes them from the table. */
export function movedSeats(
	seats: readonly DaySeat[],
	personId: string,
	station: string | null,
	at: number,
	day: PlannedDay
): DaySeat[] {
	const others = seats.filter((seat) => seat.personId !== personId);
	const own = seats
		.filter((seat) => seat.personId === personId)
		.toSorted((a, b) => a.from - b.from);
	const begins = Math.max(day.from, own.length === 0 && at <= day.from ? day.from : at);
	const kept = own.flatMap((seat): DaySeat[] =>
		seat.from >= begins ? [] : [{ ...seat, to: Math.min(seat.to, begins) }]
	);
	const last = kept.at(-1);
	const to = Math.max(own.at(-1)?.to ?? day.to, begins);
	if (station === null || to === begins) return [...others, ...kept];
	if (last?.station === station && last.to === begins)
		return [...others, ...kept.slice(0, -1), { ...last, to }];
	return [...others, ...kept, { personId, station, from: begins, to }];
}

/** What is left of a day at a minute of it: from there on everything is foreseen anew. */
export const restOf = (day: PlannedDay, minute: number): PlannedDay =>
	minute > day.from && minute <= day.to - 5 ? { ...day, from: minute } : day;

/** Those who have no seat at all and could take one, from now on, breaks left out. */
export const spareOf = (day: PlannedDay, work: DayWork, seats: readonly DaySeat[]): Spare[] =>
	freeOf(
		day,
		work,
		day.people.filter(({ id }) => !seats.some(({ personId }) => personId === id)),
		(day.to - day.from) * 60
	).map((person) => {
		const own = day.people.find(({ id }) => id === person.name);
		const stay = (own && stayIn(own, day)) ?? day;
		return {
			person,
			stretches: workedOf(stay, day).map(({ from, to }) => ({
				fromS: (from - day.from) * 60,
				toS: (to - day.from) * 60
			}))
		};
	});
