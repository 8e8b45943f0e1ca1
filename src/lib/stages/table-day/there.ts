import type { Stretch } from './clock';
import type { Typed } from '$lib/entries/form-reader';
import type { DayPerson, DaySeat, PlannedDay } from './day-view';

/** Somebody came, or left, by the hall's clock. */
export interface Coming {
	readonly as: 'came' | 'left';
	/** Minutes of the day. */
	readonly minute: number;
	/** Of its entry; null while it waits on the device. */
	readonly id: number | null;
}

const endOfDay = 1440;

/** When somebody is there: all the while, unless it was said when they came or left. */
export function thereOf(comings: readonly Coming[]): Stretch[] {
	const said = comings.toSorted((a, b) => a.minute - b.minute);
	const found: Stretch[] = [];
	let from: number | null = said[0]?.as === 'came' ? null : 0;
	for (const { as, minute } of said) {
		if (as === 'came') from ??= minute;
		else if (from !== null) {
			if (minute > from) found.push({ from, to: minute });
			from = null;
		}
	}
	return from === null ? found : [...found, { from, to: endOfDay }];
}

/** Seats for as long as whoever has them is there. */
export const seatsThere = (
	seats: readonly DaySeat[],
	people: readonly Pick<DayPerson, 'id' | 'comings'>[]
): DaySeat[] =>
	seats.flatMap((seat): DaySeat[] =>
		thereOf(people.find(({ id }) => id === seat.personId)?.comings ?? []).flatMap(
			({ from, to }): DaySeat[] => {
				const within = { from: Math.max(seat.from, from), to: Math.min(seat.to, to) };
				return within.from < within.to ? [{ ...seat, ...within }] : [];
			}
		)
	);

/** From when until when somebody is there within a stretch: the last time, where they came again; null where not at all. */
export function stayIn({ comings }: Pick<DayPerson, 'comings'>, stretch: Stretch): Stretch | null {
	const last = thereOf(comings).findLast(({ from, to }) => from < stretch.to && to > stretch.from);
	return last
		? { from: Math.max(stretch.from, last.from), to: Math.min(stretch.to, last.to) }
		: null;
}

/** Whether somebody was at a day, for all that is known: they were seated or said to have come, and did not leave before it began. */
export const wasThere = (
	person: Pick<DayPerson, 'id' | 'comings'>,
	day: Pick<PlannedDay, 'seats' | 'from' | 'to'>
): boolean =>
	stayIn(person, day) !== null &&
	(person.comings.length > 0 || day.seats.some(({ personId }) => personId === person.id));

/** What was done on a device and is not in what was read. */
export interface Ahead {
	readonly key: string;
	readonly type: string;
	readonly typed: Typed;
}

/** What stands of it, and the numbers of the entries that are taken back. */
export function tidied(ahead: readonly Ahead[]): {
	readonly gone: ReadonlySet<number>;
	readonly standing: readonly Ahead[];
} {
	const taken = ahead.flatMap(({ type, typed }) => (type === 'correction' ? [typed] : []));
	const keys = new Set(taken.map((typed) => (typed['of'] === 'key' ? typed['corrects'] : '')));
	return {
		gone: new Set(
			taken.flatMap((typed) => (typed['of'] === 'key' ? [] : [Number(typed['corrects'])]))
		),
		standing: ahead.filter(({ key, type }) => type !== 'correction' && !keys.has(key))
	};
}

/** Somebody who did not say they come, as the plan of a day has them. */
export const unannounced = (own: Pick<DayPerson, 'id' | 'name' | 'comings'>): DayPerson => ({
	...own,
	isChild: false,
	isTeen: false,
	needs: [],
	seats: {},
	chance: 0,
	came: null
});

/**
 * What was said here and is not in what was read, as the day will have it.
 *
 * @param asPerson what is known of somebody who did not say they come
 */
export function withComings<
	Person extends Pick<DayPerson, 'id' | 'name' | 'comings'>,
	Day extends { readonly id: string; readonly people: readonly Person[] }
>(
	day: Day & { readonly people: readonly Person[] },
	others: readonly { readonly id: string; readonly name: string }[],
	ahead: readonly Ahead[],
	asPerson: (own: Pick<DayPerson, 'id' | 'name' | 'comings'>) => Person
): Day {
	const { gone, standing } = tidied(ahead);
	const said = standing.filter(({ type, typed }) => type === 'presence' && typed['day'] === day.id);
	const of = (id: string) =>
		said
			.filter(({ typed }) => typed['person'] === id)
			.map(({ typed }): Coming => ({
				as: typed['as'] === 'left' ? 'left' : 'came',
				minute: Number(typed['minute']),
				id: null
			}));
	const known = day.people.map((person) => ({
		...person,
		comings: [...person.comings.filter(({ id }) => id === null || !gone.has(id)), ...of(person.id)]
	}));
	const strangers = others.flatMap(({ id, name }): Person[] => {
		const comings = of(id);
		return comings.length > 0 ? [asPerson({ id, name, comings })] : [];
	});
	return said.length === 0 && gone.size === 0 ? day : { ...day, people: [...known, ...strangers] };
}

/** Whether somebody is there at a minute of the day. */
export const isThere = ({ comings }: Pick<DayPerson, 'comings'>, minute: number): boolean =>
	thereOf(comings).some(({ from, to }) => from <= minute && minute < to);
