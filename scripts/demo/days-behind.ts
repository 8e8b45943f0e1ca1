import { taskUnits } from '../../src/lib/core/effort/tasks';
import { lineStations } from '../../src/lib/core/assembly-line/assembly-line';
import { plainly } from '../../src/lib/core/assembly-line/day';
import { runDay } from '../../src/lib/core/assembly-line/run-day';
import type { Db } from '../../src/lib/server/db/db';
import { closeDay, openDay } from '../../src/lib/server/table-day/run-day';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { findDay, keepSeats, keepTerms } from '../../src/lib/server/people/day';
import { setWhoComes } from '../../src/lib/server/people/table-days';
import { workOfDay } from '../../src/lib/server/prepare/day-work';
import { listPlans } from '../../src/lib/server/plan/plans';
import type { DaySeat } from '../../src/lib/stages/table-day/day-view';
import { lineDayOf } from '../../src/lib/stages/table-day/line-day';
import { tapCount } from '../../src/lib/stages/table-day/taps';
import { keyOf } from './people';

/** Bags that were taken out for each of the five days behind, and who said they come; the last of them did not. */
const daysBehind: readonly { readonly bags: number; readonly people: readonly string[] }[] = [
	{ bags: 63, people: ['Bo', 'Odo', 'Mabel', 'Gus', 'Hal'] },
	{ bags: 84, people: ['Bo', 'Ines', 'Mabel', 'Tilde', 'Gus', 'Wren'] },
	{ bags: 84, people: ['Bo', 'Odo', 'Ines', 'Mabel', 'Gus', 'Suri'] },
	{ bags: 105, people: ['Bo', 'Odo', 'Ines', 'Mabel', 'Ama', 'Gus', 'Tilde'] },
	{ bags: 84, people: ['Bo', 'Odo', 'Tilde', 'Mabel', 'Ama', 'Gus', 'Ines'] }
];

/** How the pace of each of these days was, against the usual: above 1 it took longer. */
const dayPace = [1.12, 1.04, 0.96, 1.08, 0.93];

/** Where each sits who was there. */
const seatOf: Readonly<Record<string, string>> = {
	Bo: 'flatten',
	Odo: 'cut',
	Ines: 'cut',
	Mabel: 'join',
	Tilde: 'join',
	Ama: 'join',
	Gus: 'ball'
};

/** The five days behind: opened, tapped at their stations, and closed; what they teach stands under Measures. */
export async function loadDaysBehind(db: Db): Promise<void> {
	const known = await db.many<{ id: string; name: string }>(
		'select id, name from person where group_id = $1 and name is not null',
		[db.groupId]
	);
	const kind = (await listKinds(db)).find(({ name }) => name === 'Thin carrier')?.id ?? '';
	const plan = (await listPlans(db)).find(({ name }) => name.startsWith('Mat for the Causeway'));
	let sent = 0;
	const enter = async (type: string, typed: Record<string, string>, at: string): Promise<void> => {
		const key = `00000000-0000-4000-8000-${String(600_000 + sent++).padStart(12, '0')}`;
		const read = { lengthSystem: 'cm', timeZone: 'UTC' } as const;
		const { outcome } = await saveEntry(db, { key, type, typed, at }, read);
		if (outcome === 'refused')
			throw new Error(`the demo ${type} ${JSON.stringify(typed)} was refused`);
	};
	for (const [nth, { bags, people }] of daysBehind.entries()) {
		const id = keyOf(nth);
		const idOf = (name: string) => known.find((one) => one.name === name)?.id ?? '';
		const version = async () => (await findDay(db, id))?.version ?? 0;
		await setWhoComes(db, id, await version(), people.map(idOf));
		const found = await findDay(db, id);
		if (!found) throw new Error('a demo day is not there');
		await keepTerms(db, id, found.version, {
			...found,
			planId: plan?.id ?? null,
			ballsWanted: Math.floor(bags / 20)
		});
		const came = people.slice(0, -1);
		const seats = came.flatMap((name): DaySeat[] => {
			const station = seatOf[name] ?? 'weave';
			return [{ personId: idOf(name), station, from: found.from, to: found.to }];
		});
		await keepSeats(db, id, await version(), seats);
		const counted = { kind, colour: 'white', form: 'bag', direction: 'in', reason: 'counted' };
		const moment = (minute: number) =>
			`${found.day}T${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(Math.floor(minute) % 60).padStart(2, '0')}:${String(Math.floor((minute % 1) * 60)).padStart(2, '0')}Z`;
		await enter('movement', { ...counted, amount: String(bags) }, moment(found.from - 10));
		const opened = await openDay(db, id, await version(), new Date(moment(found.from)));
		const day = await findDay(db, id);
		const { work } = day ? await workOfDay(db, day) : { work: null };
		if (opened.outcome !== 'kept' || !day || !work) throw new Error('a demo day was not opened');
		// What was done is what such a table does.
		const { counts } = runDay(lineDayOf(day, work, day.seats), plainly);
		const { line, stock } = work;
		const strand = (of: typeof counts) => of.joined + of.balls * line.bagsPerBall;
		const cut = (of: typeof counts) => of.pieces / line.piecesPerBag + strand(of);
		const flat = (of: typeof counts) => of.flat + cut(of);
		const done = {
			flatten: flat(counts) - flat(stock),
			cut: cut(counts) - cut(stock),
			join: strand(counts) - strand(stock),
			ball: counts.balls
		};
		const { sittings } = lineDayOf(day, work, day.seats);
		for (const station of lineStations) {
			const perLot = tapCount(station, work) * (station === 'join' ? line.piecesPerBag : 1);
			const hands = sittings
				.filter((one) => one.station === station && one.fromS === 0)
				.reduce((sum, { speed }) => sum + speed, 0);
			const [secondsEach = 0] = Object.values(taskUnits[station].ways);
			// As quick as their seats have it, and a little as the day was.
			const lotMin = (secondsEach * perLot * (dayPace[nth] ?? 1)) / 60 / Math.max(hands, 0.5);
			const lots = Math.ceil(Math.floor(done[station] + 1e-6) / tapCount(station, work));
			const every = Math.min(lotMin, (found.to - found.from - 12) / Math.max(1, lots));
			let open = Math.floor(done[station] + 1e-6);
			for (let lot = 0; open > 0; lot++) {
				const count = Math.min(open, tapCount(station, work));
				await enter(
					'tap',
					{ day: id, station, count: String(count) },
					moment(found.from + 8 + lot * every)
				);
				open -= count;
			}
		}
		const ended = new Date(moment(found.to));
		await closeDay(db, id, await version(), came.map(idOf), undefined, ended);
	}
}
