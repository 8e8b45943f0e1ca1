import type { Beside, BesideShare } from './beside';
import type { LineDay } from './day';
import type { Seated } from './people';
import { allowedOf, isFree } from './people';
import type { SeatRules } from './rules';
import type { LineStation } from './assembly-line';
import { lineStations, lotSeconds, wholeLot } from './assembly-line';
import { worthOf } from './run-day';

/** What a second of a work beside the line is worth in the program, in balls: more than of any work at it. */
const besidePrice = 1 / 60;

/**
 * The column of a person's share of a slot at a work beside the line: each by its place, from 0.
 *
 * @example besideColumn(2, 0, 5) // 'y2_0_5'
 */
export const besideColumn = (person: number, work: number, slot: number): string =>
	`y${person}_${work}_${slot}`;

/**
 * What a solved program says of the works beside the line: seconds given to each by each person, and
 * what the day is worth without them.
 *
 * @param value of a column; 0 where there is none
 * @example besidesIn([], [], 6, 7200, () => 0, 12.5).worth // 12.5
 */
export function besidesIn(
	people: readonly Seated[],
	besides: readonly Beside[],
	slots: number,
	lengthS: number,
	value: (column: string) => number,
	objective: number
): { readonly worth: number; readonly share: BesideShare } {
	const slotS = lengthS / slots;
	const at = (person: number, work: number, slot: number) =>
		value(besideColumn(person, work, slot)) * slotS;
	const numbers = Array.from({ length: slots }, (_, slot) => slot);
	let doneS = 0;
	for (const [nth, { speeds }] of besides.entries())
		for (const [person, { name }] of people.entries())
			for (const slot of numbers) doneS += at(person, nth, slot) * (speeds[name] ?? 0);
	return {
		worth: objective - besidePrice * doneS,
		share: (name, work) => {
			const person = people.findIndex((one) => one.name === name);
			const nth = besides.findIndex((one) => one.work === work);
			const given = numbers.map((slot) => at(person, nth, slot));
			const sum = (some: readonly number[]) => some.reduce((total, one) => total + one, 0);
			return { totalS: sum(given), earlyS: sum(given.slice(0, Math.floor(slots / 2))) };
		}
	};
}

/**
 * A linear program that no day without chance can beat: in each slot a person's time is shared out
 * among the stations they may take, and what is made in a slot may be used in it. In the words that
 * solvers of linear programs read; its largest value is the bound on what the day is worth.
 *
 * @param besides works beside the line, done before anything of the line is: a second of them is worth more than any strand
 * @param slots of equal length, whole, 1 or more
 * @source a relaxation: lots may be broken, changes cost no time
 * @example boundProgram({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 0, balls: 2 }, room: {}, lengthS: 600 }, [], { cutTool: 'scissors', tools: {}, children: new Set() }, [], 1).split('\n')[1] // 'obj: + 0.5 w0_3 + 0.00625 w0_2 + 2 one'
 */
export function boundProgram(
	{ line, stock, lengthS }: Omit<LineDay, 'sittings'>,
	people: readonly Seated[],
	rules: SeatRules,
	besides: readonly Beside[],
	slots: number
): string {
	const slotS = lengthS / slots;
	const perBall = line.piecesPerBag * line.bagsPerBall;
	/** Units a second gives at speed 1, at the best lot there is. */
	const rate = lineStations.map((station) => {
		const whole = wholeLot(line, station);
		return (station === 'ball' ? 1 : whole) / lotSeconds(line, station, whole);
	});
	const { tools } = rules;
	const goal: string[] = [];
	const rows: string[] = [];
	const add = (terms: readonly string[], most: number) => {
		if (terms.length > 0) rows.push(`r${rows.length}: ${terms.join(' ')} <= ${most}`);
	};
	/** What one of a station's units takes of the place before it. */
	const taken = [1, 1, 1, perBall];
	const given = [1, line.piecesPerBag, 1, 1];
	const asides: string[][] = besides.map(() => []);
	const there = [stock.bags, stock.flat, stock.pieces, stock.joined * line.piecesPerBag];
	for (let slot = 0; slot < slots; slot++) {
		goal.push(`+ 0.5 w${slot}_3 + ${0.5 / perBall} w${slot}_2`);
		const [beginS, endS] = [slot * slotS, (slot + 1) * slotS];
		const work: string[][] = lineStations.map(() => []);
		const sitting: string[][] = lineStations.map(() => []);
		for (const [at, person] of people.entries()) {
			const share = (Math.min(endS, person.toS) - Math.max(beginS, person.fromS)) / slotS;
			if (share <= 0) continue;
			const own: string[] = [];
			for (const station of stationsOf(person, rules)) {
				const nth = lineStations.indexOf(station);
				const name = `x${at}_${nth}_${slot}`;
				own.push(`+ ${name}`);
				work[nth]?.push(
					`- ${(rate[nth] ?? 0) * (isFree(person) ? person.speeds[station] : person.speed) * slotS} ${name}`
				);
				sitting[nth]?.push(`+ ${name}`);
			}
			for (const [nth, { speeds }] of besides.entries()) {
				const speed = isFree(person) ? (speeds[person.name] ?? 0) : 0;
				if (speed <= 0) continue;
				const name = besideColumn(at, nth, slot);
				own.push(`+ ${name}`);
				asides[nth]?.push(`+ ${speed * slotS} ${name}`);
				goal.push(`+ ${besidePrice * speed * slotS} ${name}`);
			}
			add(own, share);
		}
		for (const [nth, station] of lineStations.entries()) {
			add([`+ w${slot}_${nth}`, ...(work[nth] ?? [])], 0);
			const most = tools[station];
			if (most !== undefined) add(sitting[nth] ?? [], most);
			const used: string[] = [];
			for (let until = 0; until <= slot; until++) {
				used.push(`+ ${taken[nth]} w${until}_${nth}`);
				if (nth > 0) used.push(`- ${given[nth - 1]} w${until}_${nth - 1}`);
			}
			add(used, there[nth] ?? 0);
		}
	}
	for (const [nth, { seconds }] of besides.entries()) add(asides[nth] ?? [], seconds);
	return [
		'Maximize',
		`obj: ${goal.join(' ')} + ${worthOf(stock, line.bagsPerBall)} one`,
		'Subject To',
		...rows,
		'one: one = 1',
		'End'
	].join('\n');
}

/**
 * What the film there is could be worth at most: whole balls, and the rest joined.
 *
 * @example mostWorth({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 30, flat: 0, pieces: 0, joined: 0, balls: 2 }, room: {}, lengthS: 600 }) // 3.25
 */
export function mostWorth({ line, stock }: Omit<LineDay, 'sittings'>): number {
	const bags = stock.bags + stock.flat + stock.pieces / line.piecesPerBag + stock.joined;
	const balls = Math.floor(bags / line.bagsPerBall + 1e-9);
	return stock.balls + balls + (bags / line.bagsPerBall - balls) / 2;
}

const stationsOf = (person: Seated, rules: SeatRules): readonly LineStation[] =>
	isFree(person) ? allowedOf(person, rules) : [person.station];
