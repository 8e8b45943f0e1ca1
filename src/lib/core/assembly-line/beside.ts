import { defaults } from '../defaults';
import type { FreePerson } from './people';
import { changeS } from './seat-plans';

/** Works at a table day beside the line: a loom's strands laid, mats finished and checked, pillows stuffed. */
export const besideWorks = ['load', 'finish', 'check', 'pillows'] as const;
export type BesideWork = (typeof besideWorks)[number];

/**
 * Seconds for one of a work beside the line, at speed 1.
 *
 * @source bench default
 * @example [besideSeconds('load'), besideSeconds('pillows')] // [90, 1200]
 */
export const besideSeconds = (work: BesideWork): number =>
	({
		load: defaults.pegLoadStrand.value,
		finish: defaults.finishMat.value,
		check: defaults.checkMat.value,
		pillows: defaults.stuffPillow.value
	})[work];

/** What is wanted of a work beside the line, and who may do it. */
export interface Beside {
	readonly work: BesideWork;
	/** Seconds of it at speed 1, above 0. */
	readonly seconds: number;
	/** Of the group's pace, by the name of whoever may do it; above 0. */
	readonly speeds: Readonly<Record<string, number>>;
}

/** One person at a work beside the line for a time, s of the day. */
export interface BesideSitting {
	readonly name: string;
	readonly work: BesideWork;
	readonly fromS: number;
	readonly toS: number;
}

/** How much of somebody's time a work is given, and how much of that in the first half of the day; s. */
export type BesideShare = (name: string, work: BesideWork) => { totalS: number; earlyS: number };

/** Sittings shorter than this are not worth a seat, s. */
const leastS = 300;

/**
 * Who does what beside the line, each at one such work and in one piece, at the beginning of their day
 * or at its end; and what is left of everybody's time for the line.
 *
 * @param share as a program that shares out time has it: whoever has most of a work there does it
 * @example besidePlan([{ name: 'Wren', speeds: evenly(1), may: ['cut'], fromS: 0, toS: 3600 }], [{ work: 'pillows', seconds: 1200, speeds: { Wren: 1 } }], () => ({ totalS: 1200, earlyS: 0 })).sittings // [{ name: 'Wren', work: 'pillows', fromS: 2400, toS: 3600 }]
 */
export function besidePlan(
	people: readonly FreePerson[],
	besides: readonly Beside[],
	share: BesideShare
): {
	readonly sittings: readonly BesideSitting[];
	readonly people: readonly FreePerson[];
	/** Seconds at speed 1 that nobody was left for, by work. */
	readonly undone: Partial<Readonly<Record<BesideWork, number>>>;
} {
	const left = new Map(people.map((person) => [person.name, person]));
	const sittings: BesideSitting[] = [];
	const undone: Partial<Record<BesideWork, number>> = {};
	// Those whom fewest may do are given first: others find somebody still.
	const order = besides.toSorted(
		(a, b) => Object.keys(a.speeds).length - Object.keys(b.speeds).length || b.seconds - a.seconds
	);
	for (const { work, seconds, speeds } of order) {
		let open = seconds;
		const able = people
			.filter(
				({ name }) => (speeds[name] ?? 0) > 0 && !sittings.some((sitting) => sitting.name === name)
			)
			.toSorted((a, b) => share(b.name, work).totalS - share(a.name, work).totalS);
		for (const { name } of able) {
			const person = left.get(name);
			const speed = speeds[name];
			if (open <= 1e-6 || !person || !speed) continue;
			const there = person.toS - person.fromS;
			const neededS = Math.ceil(open / speed / 60) * 60;
			const takenS = Math.min(there, Math.max(leastS, neededS));
			if (takenS < Math.min(leastS, neededS)) continue;
			open -= takenS * speed;
			const { totalS, earlyS } = share(name, work);
			const restS = there - takenS - changeS;
			const isEarly = earlyS > totalS / 2;
			sittings.push(
				isEarly
					? { name, work, fromS: person.fromS, toS: person.fromS + takenS }
					: { name, work, fromS: person.toS - takenS, toS: person.toS }
			);
			if (restS < leastS) left.delete(name);
			else
				left.set(
					name,
					isEarly
						? { ...person, fromS: person.fromS + takenS + changeS }
						: { ...person, toS: person.toS - takenS - changeS }
				);
		}
		if (open > 1e-6) undone[work] = open;
	}
	return { sittings, people: people.flatMap(({ name }) => left.get(name) ?? []), undone };
}
