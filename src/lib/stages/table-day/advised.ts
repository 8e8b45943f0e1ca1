import type { Beside, BesideSitting, BesideWork } from '$lib/core/assembly-line/beside';
import { besideSeconds, besideWorks } from '$lib/core/assembly-line/beside';
import type { SeatTime } from '$lib/core/assembly-line/day';
import { mostChanges } from '$lib/core/assembly-line/seat-plans';
import { byStation } from '$lib/core/assembly-line/assembly-line';
import type { FreePerson } from '$lib/core/assembly-line/people';
import type { Stretch } from './clock';
import { minuteWorked, workedUntil } from './clock';
import type { DayPerson, DaySeat, DayWork, PlannedDay } from './day-view';
import { freeOf, isLineStation, rulesOf, speedOfLevel } from './line-day';
import { stayIn } from './there';

/** How fast somebody is at a work beside the line; 0 where they do not sit there. A child sits there when somebody says so, and not by the advice. */
function besideSpeed({ seats, isChild, needs }: DayPerson, work: BesideWork, pace: number): number {
	if (isChild || needs.includes('company')) return 0;
	// Colours are told apart there.
	if (work === 'load' && needs.includes('low-sight')) return 0;
	if (Object.keys(seats).length === 0) return pace;
	return seats[work] ? speedOfLevel(seats[work]) * pace : 0;
}

const isWanted = ({ besides }: PlannedDay, station: string): station is BesideWork =>
	(besides[station as BesideWork] ?? 0) > 0;

/** What is wanted beside the line from the beginning of a day on, less what was sat at it before. */
function besidesOf(
	day: PlannedDay,
	work: DayWork,
	people: readonly DayPerson[],
	seats: readonly DaySeat[]
): Beside[] {
	return besideWorks.flatMap((beside): Beside[] => {
		const speeds = Object.fromEntries(
			people.map((person) => [person.id, besideSpeed(person, beside, work.besidePace[beside])])
		);
		const doneS = seats
			.filter(({ station, from }) => station === beside && from < day.from)
			.reduce(
				(sum, { personId, from, to }) =>
					sum + (Math.min(to, day.from) - from) * 60 * (speeds[personId] ?? 0),
				0
			);
		const seconds = day.besides[beside] * besideSeconds(beside) - doneS;
		const able = Object.fromEntries(Object.entries(speeds).filter(([, speed]) => speed > 0));
		return seconds > 0 ? [{ work: beside, seconds, speeds: able }] : [];
	});
}

/** Somebody who sat there before the advice begins: their changes count, and once they made two they stay. */
function withChanges(
	person: FreePerson | null,
	seats: readonly DaySeat[],
	day: Pick<PlannedDay, 'from'>
): FreePerson | null {
	const before = seats
		.filter(({ personId, from }) => personId === person?.name && from < day.from)
		.toSorted((a, b) => a.from - b.from);
	const last = before.at(-1);
	if (!person || !last) return person;
	const made = before.filter(
		({ station }, at) => at > 0 && station !== before[at - 1]?.station
	).length;
	const left = mostChanges - made;
	return left > 0
		? { ...person, changes: left - 1 }
		: {
				...person,
				changes: 0,
				may: person.may.filter((station) => station === last.station)
			};
}

/**
 * What is asked of the advice: a day without its breaks, and everyone who is not at work elsewhere.
 * Who does what is wanted beside the line is asked anew.
 */
export function seatOrderOf(day: PlannedDay, work: DayWork, seats: readonly DaySeat[]) {
	const lengthS = workedUntil(day.to, day) * 60;
	const elsewhere = new Set(
		seats
			.filter(({ station }) => !isLineStation(station) && !isWanted(day, station))
			.map(({ personId }) => personId)
	);
	const people = day.people.filter(({ id }) => !elsewhere.has(id));
	const besides = besidesOf(day, work, people, seats);
	const atLine = freeOf(day, work, people, lengthS);
	const stayOf = (id: string): Stretch => {
		const person = people.find((one) => one.id === id);
		return (person && stayIn(person, day)) ?? { from: day.from, to: day.from };
	};
	return {
		day: { line: work.line, stock: work.stock, room: {}, lengthS },
		people: people.flatMap(({ id }): FreePerson[] => {
			const isAble = besides.some(({ speeds }) => speeds[id]);
			const free = withChanges(
				atLine.find(({ name }) => name === id) ??
					(isAble ? { name: id, speeds: byStation(() => 1), may: [], fromS: 0, toS: 0 } : null),
				seats,
				day
			);
			const stay = stayOf(id);
			const [fromS = 0, toS = 0] = [stay.from, stay.to].map(
				(minute) => workedUntil(minute, day) * 60
			);
			return free && fromS < toS ? [{ ...free, fromS, toS }] : [];
		}),
		rules: rulesOf(day, work),
		besides,
		seed: 1
	};
}

/** Sittings at one seat with rests between them as one: when somebody rests is nobody else's matter. */
function wholeStays(sittings: readonly SeatTime[]): SeatTime[] {
	const stays: SeatTime[] = [];
	for (const sitting of sittings) {
		const last = stays.at(-1);
		if (last?.name === sitting.name && last.station === sitting.station)
			stays.splice(-1, 1, { ...last, toS: sitting.toS });
		else stays.push(sitting);
	}
	return stays;
}

/** Advised sittings as seats by the hall's clock, beside the seats of those who work elsewhere. */
export function seatsOfAdvice(
	{
		sittings,
		besides
	}: {
		readonly sittings: readonly SeatTime[];
		readonly besides: readonly BesideSitting[];
	},
	day: PlannedDay,
	seats: readonly DaySeat[]
): DaySeat[] {
	const seat = (name: string, station: string, fromS: number, toS: number): DaySeat => ({
		personId: name,
		station,
		from: Math.round(minuteWorked(fromS / 60, day)),
		to: Math.round(minuteWorked(toS / 60, day))
	});
	return [
		...seats.flatMap((one): DaySeat[] => {
			if (!isLineStation(one.station) && !isWanted(day, one.station)) return [one];
			// What was sat before the advice begins stays as it was.
			return one.from < day.from ? [{ ...one, to: Math.min(one.to, day.from) }] : [];
		}),
		...wholeStays(sittings).map(({ name, station, fromS, toS }) => seat(name, station, fromS, toS)),
		...besides.map(({ name, work, fromS, toS }) => seat(name, work, fromS, toS))
	];
}
