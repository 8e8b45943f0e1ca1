import { findAnything } from '../../src/lib/server/search/find';
import { openDayOf } from '../../src/lib/server/table-day/open-day';
import { type Db, house } from '../../src/lib/server/db/db';
import { findDay, keepSeats, keepTerms } from '../../src/lib/server/people/day';
import { cutAmong, workOfDay } from '../../src/lib/server/prepare/day-work';
import { othersOfDay } from '../../src/lib/server/people/presence';
import { scrapOfDay } from '../../src/lib/server/prepare/scrap';
import { lacksOfDay, lotsOfDay, tapsOfDay } from '../../src/lib/server/prepare/taps';
import { askedDay } from '../../src/lib/server/table-day/day-now';
import { closeDay, openDay, taughtBy } from '../../src/lib/server/table-day/run-day';
import { expect } from 'vitest';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { cutBag } from '../../src/lib/core/cut/cut-bag';
import { snapshotOf } from '../../src/lib/core/prepare/cut-pile';
import type { BallEntry } from '../../src/lib/entries/types/ball';
import { codeFor, findBlock, isReserved } from '../../src/lib/server/book/codes';
import { bookMoves, cutIdOf, holdPiles } from '../../src/lib/server/book/piles';
import { addPerson, keepPerson, listPeople } from '../../src/lib/server/people/people';
import {
	addTableDay,
	callOffDay,
	listTableDays,
	setWhoComes
} from '../../src/lib/server/people/table-days';
import { actOn, bindBall } from '../../src/lib/server/prepare/pile-actions';
import { askedCut } from '../../src/lib/server/prepare/asked-cut';
import { ballContent } from '../../src/lib/server/prepare/ball-content';
import { listBalls, listHappenings, thingsOf } from '../../src/lib/server/prepare/balls';
import {
	dropWaiting,
	handlePrinter,
	noteSheet,
	queueLabels,
	standInPrinter
} from '../../src/lib/server/prepare/label-printer';
import { blankLabels, labelsOf } from '../../src/lib/server/prepare/labels';
import { loadTable } from '../../src/lib/server/prepare/load-table';
import { listLoadedLooms } from '../../src/lib/server/prepare/loaded-looms';
import {
	lineBasis,
	lineOfDay,
	listBallStock,
	listPiles,
	tableBasis,
	tableNow
} from '../../src/lib/server/prepare/piles';
import { loomWishes } from '../../src/lib/server/prepare/loom-wishes';
import { plansForBall } from '../../src/lib/server/prepare/plans-for-ball';
import { tablePlans } from '../../src/lib/server/prepare/table-plans';
import { workList } from '../../src/lib/server/prepare/work-list';
import { saidOf } from '../../src/lib/server/making/said';
import { holdThing } from '../../src/lib/server/book/things';
import { bagsGiven } from '../../src/lib/server/making/given-bags';
import { makingsOf } from '../../src/lib/server/making/makings';
import { keepTaught } from '../../src/lib/server/measures/taught';
import { barePractice } from '../../src/lib/core/practice/practice';
import { makeMatLink } from '../../src/lib/server/book/links';
import { chosenFor } from '../../src/lib/server/making/chosen-balls';
import { findMatMade } from '../../src/lib/server/making/mat-made';
import { matsToBegin } from '../../src/lib/server/need/need';
import { learnPace } from '../../src/lib/server/making/pace';
import { listMessages } from '../../src/lib/server/making/messages';
import { matInHand } from '../../src/lib/server/making/mat-in-hand';
import { countedMat, findMat, listMats } from '../../src/lib/server/making/mats';
import { seenOf } from '../../src/lib/server/making/rows';
import { keep } from './samples';

const key = () => crypto.randomUUID();
const rings = snapshotOf(startingPlan.bag, cutBag(startingPlan.bag, startingPlan.cut));
const today = '2026-11-26';
const hallOf = { today, timeZone: 'UTC' };

/** What of the one group its table has. */
export interface PrepareIds {
	readonly plan: { readonly id: string; readonly version: number };
	readonly kindId: string;
	readonly movement: number;
	readonly tool: number | string;
	readonly code: string;
	readonly thing: number;
	readonly personId: string;
	readonly blockKey: string;
	readonly day: string;
}

/** A day, who can come and sit there, and a label that waits, in a group. */
export async function fillTable(group: Db, personId: string, code: string): Promise<string> {
	const day = key();
	await addTableDay(group, day, '2026-12-03', 'Boat shed');
	await setWhoComes(group, day, 1, [personId]);
	const other = key();
	await addPerson(group, other, 'Ottoline');
	const said = {
		likes: null,
		contact: null,
		isChild: false,
		isTeen: false,
		comesAlways: false,
		needs: [],
		days: [day]
	} as const;
	await keepPerson(
		group,
		{
			...said,
			id: other,
			name: 'Ottoline',
			version: 1,
			seats: { join: 'usual' },
			sitsWith: [personId]
		},
		today
	);
	await house.execute(
		`insert into seat (group_id, id, day_id, person_id, station) values ($1, $2, $3, $4, 'join')`,
		[group.groupId, key(), day, personId]
	);
	await queueLabels(group, key(), [code]);
	await handlePrinter(group, 'new-roll');
	return day;
}

const base = ({ kindId }: PrepareIds) => ({ kindId, colour: 'blue', byName: null }) as const;
const ball = (ids: PrepareIds): BallEntry => ({
	type: 'ball',
	as: 'ball',
	kindId: ids.kindId,
	cut: rings,
	colours: [{ colour: 'blue', bags: 20 }],
	code: null,
	planId: ids.plan.id,
	planVersion: ids.plan.version,
	massG: null,
	scaleErrorG: 1,
	byName: null
});
const terms = {
	from: 1080,
	to: 1200,
	breaks: [],
	breakLength: 5,
	planId: null,
	ballsWanted: null,
	also: null,
	besides: { load: 0, finish: 0, check: 0, pillows: 0 },
	cutWith: 'scissors'
} as const;
const orRefused = (work: Promise<unknown>) => work.catch(() => 'refused');
const pileOf = ({ kindId }: PrepareIds) =>
	({ kindId, colour: 'blue', form: 'bag', cut: null }) as const;

/** Every function of the table that is told a group, asked in the name of another. */
export const askedOfTable: Readonly<
	Record<string, (other: Db, ids: PrepareIds) => Promise<unknown>>
> = {
	'book/piles cutIdOf': (other) =>
		other.transaction((db) => cutIdOf(db, rings)).then((id) => typeof id),
	'book/piles holdPiles': (other, ids) =>
		orRefused(other.transaction((db) => holdPiles(db, [pileOf(ids)]))),
	'book/piles bookMoves': (other, ids) =>
		orRefused(
			other.transaction((db) => {
				const move = { ...pileOf(ids), amount: 5, filmMg: 0, at: 'store', matId: null } as const;
				return bookMoves(db, ids.movement, [move], []);
			})
		),
	'prepare/ball-content ballContent': (other, ids) => ballContent(other, ball(ids), new Date()),
	'prepare/asked-cut askedCut': (other, { kindId, plan }) =>
		askedCut(other, { kindId, planId: plan.id, planVersion: plan.version, use: 'strand' }),
	'prepare/pile-actions actOn': (other, ids) =>
		orRefused(
			actOn(other, ids.movement, [{ key: pileOf(ids), amount: 1, field: 'bags' }], [], () => [])
		),
	'prepare/pile-actions keepFlatten': (other, ids) =>
		keep(other, key(), { type: 'flatten', ...base(ids), bags: 1 }),
	'prepare/pile-actions keepCut': (other, ids) =>
		keep(other, key(), {
			type: 'cut',
			...base(ids),
			bags: 1,
			planId: ids.plan.id,
			planVersion: ids.plan.version,
			use: 'strand',
			spoiledShare: 0
		}),
	'prepare/pile-actions keepJoin': (other, ids) =>
		keep(other, key(), { type: 'join', ...base(ids), cut: rings, pieces: 1 }),
	'prepare/pile-actions keepBall': (other, ids) => keep(other, key(), ball(ids)),
	'prepare/load-loom keepLoad': (other, ids) =>
		keep(other, key(), {
			type: 'load',
			toolId: String(ids.tool),
			planId: ids.plan.id,
			planVersion: ids.plan.version,
			pile: { ...pileOf(ids), form: 'strand', cut: rings },
			strands: 1,
			mat: null,
			byName: null
		}),
	'prepare/recount keepRecount': (other, ids) =>
		keep(other, key(), {
			type: 'recount',
			...base(ids),
			form: 'bag',
			cut: null,
			counted: 3,
			note: null
		}),
	'prepare/loaded-looms listLoadedLooms': (other) => listLoadedLooms(other),
	'prepare/piles tableBasis': async (other) => {
		const { plans, stock } = await tableBasis(other);
		return [plans, stock];
	},
	'prepare/balls listBalls': (other) => listBalls(other),
	'prepare/balls thingsOf': (other, { code }) => thingsOf(other, [code]),
	'prepare/balls listHappenings': (other, { thing }) => listHappenings(other, thing),
	'book/codes isReserved': (other) => isReserved(other, 0),
	'book/codes findBlock': (other) => findBlock(other, 1),
	'book/codes codeFor': (other, { blockKey }) => codeFor(other, blockKey),
	'prepare/label-printer queueLabels': (other) => queueLabels(other, key(), []),
	'prepare/label-printer noteSheet': (other, { code }) => noteSheet(other, key(), [code]),
	'table-day/open-day openDayOf': (other) => openDayOf(other, { today: '2026-12-03' }),
	'search/find findAnything': (other) => findAnything(other, 'a', 'us', []),
	'prepare/label-printer dropWaiting': (other) => dropWaiting(other),
	'prepare/label-printer standInPrinter': async (other) => [
		await standInPrinter(other).printNext(),
		await standInPrinter(other).state()
	],
	'prepare/label-printer handlePrinter': (other) => handlePrinter(other, 'empty-roll'),
	'prepare/labels labelsOf': (other, { code }) => labelsOf(other, [code], 'http://hall', 'cm'),
	'prepare/labels blankLabels': (other) => blankLabels(other, 1, 'http://hall'),
	'prepare/piles listPiles': (other) => listPiles(other),
	'prepare/piles listBallStock': (other) => listBallStock(other),
	'prepare/piles tableNow': async (other) => {
		const { piles, acts, plans, stock, spoiled } = await tableNow(other, {
			today,
			timeZone: 'UTC'
		});
		return { piles, acts, plans, stock, spoiled };
	},
	'prepare/table-plans tablePlans': async (other) =>
		(await tablePlans(other, tableBasis(other), matsToBegin(other, hallOf))).plans,
	'prepare/load-table loadTable': async (other) => {
		const { piles, plans, acts } = await loadTable(other, hallOf, null, matsToBegin(other, hallOf));
		return [piles, plans, acts];
	},
	'prepare/loom-wishes loomWishes': (other) => loomWishes(other, [], matsToBegin(other, hallOf)),
	'prepare/plans-for-ball plansForBall': (other, { kindId }) =>
		plansForBall(other, {
			kindId,
			kind: '',
			colours: [],
			cut: rings,
			bags: 1,
			pieces: 4,
			metres: { expected: 1, low: 1, high: 1 },
			massG: null,
			madeOn: today,
			planName: null,
			filmMg: 0
		}),
	'prepare/work-list workList': (other) => workList(other, matsToBegin(other, hallOf)),
	'people/people listPeople': (other) => listPeople(other, today),
	'people/people addPerson': (other, { personId }) =>
		addPerson(other, personId, 'Ottoline').then(({ outcome }) => outcome),
	'people/people keepPerson': (other, { personId, day }) =>
		keepPerson(
			other,
			{
				id: personId,
				name: 'Stolen',
				version: 1,
				likes: null,
				contact: null,
				isChild: true,
				isTeen: false,
				comesAlways: false,
				needs: [],
				seats: {},
				sitsWith: [],
				days: [day]
			},
			today
		),
	'people/day findDay': (other, { day }) => findDay(other, day),
	'people/day keepTerms': (other, { day, plan }) =>
		keepTerms(other, day, 1, { ...terms, planId: plan.id }),
	'people/day keepSeats': (other, { day }) => keepSeats(other, day, 1, []),
	'prepare/day-work cutAmong': async (other, { plan }) =>
		cutAmong(other, plan.id, await lineBasis(other)),
	'prepare/piles lineBasis': (other) => lineBasis(other),
	'prepare/piles lineOfDay': (other, { day }) => lineOfDay(other, day),
	'prepare/taps keepTap': (other, { day }) =>
		keep(other, key(), {
			type: 'tap',
			dayId: day,
			station: 'flatten',
			count: 20,
			spoiled: 0,
			byName: null
		}),
	'people/presence keepPresence': (other, { day, personId }) =>
		keep(other, key(), { type: 'presence', dayId: day, personId, as: 'came', minute: 1100 }),
	'people/presence othersOfDay': (other, { day }) => othersOfDay(other, day),
	'making/begin keepBegin': (other, { plan }) =>
		keep(other, key(), {
			type: 'begin',
			planId: plan.id,
			planVersion: plan.version,
			personId: null,
			code: null
		}),
	'making/begin keepHandOn': (other, { code }) =>
		keep(other, key(), { type: 'hand-on', mat: code, personId: null }),
	'making/mat-in-hand matInHand': (other, { code }) => matInHand(other, code),
	'making/rows keepRow': (other, { code }) =>
		keep(other, key(), { type: 'row', mat: code, side: 'near', step: 1 }),
	'making/rows keepRows': (other, { code }) =>
		keep(other, key(), { type: 'rows', mat: code, side: 'near', to: 3, seen: {} }),
	'making/issue keepIssue': (other, { code }) =>
		keep(other, key(), { type: 'issue', mat: code, ball: code }),
	'making/makings makingsOf': async (other, { plan }) => {
		const version = { planId: plan.id, planVersion: plan.version };
		return (await makingsOf(other, [version], barePractice))(version);
	},
	'measures/taught keepTaught': (other, { plan, movement }) =>
		keepTaught(
			other,
			{ planId: plan.id, planVersion: plan.version },
			'chain',
			{},
			{ entryId: movement, at: new Date() },
			{}
		).catch(() => null),
	'making/given-bags bagsGiven': async (other, { code }) => [...(await bagsGiven(other, [code]))],
	'book/things holdThing': (other, { code }) => other.transaction((db) => holdThing(db, code)),
	'making/course keepNote': (other, { code }) =>
		keep(other, key(), { type: 'note', mat: code, text: 'a word' }),
	'making/course keepWish': (other, { code }) =>
		keep(other, key(), { type: 'wish', mat: code, wish: 'ball' }),
	'making/course keepFirstPass': (other, { code }) =>
		keep(other, key(), { type: 'first-pass', mat: code, side: 'near', pass: 'over' }),
	'making/course keepStripes': (other, { code }) =>
		keep(other, key(), { type: 'stripes', mat: code, stripes: [{ colour: 'blue', rows: 211 }] }),
	'making/measured keepMatSize': (other, { code }) =>
		keep(other, key(), {
			type: 'mat-size',
			mat: code,
			row: 1,
			lengthMm: 9,
			widthMm: null,
			isSure: false
		}),
	'making/measured keepWeighed': (other, { code }) =>
		keep(other, key(), { type: 'weighed', mat: code, colour: 'blue', massG: 9 }),
	'making/messages keepRemind': (other, { code }) =>
		keep(other, key(), { type: 'remind', mat: code }),
	'making/pace learnPace': (other, { code, thing }) =>
		learnPace(other, { id: thing, code }, 'near', {
			entryId: 1_000_000_000,
			key: key(),
			at: new Date(),
			device: key(),
			isSure: false
		}),
	'making/messages listMessages': (other) => listMessages(other),
	'making/mat-made findMatMade': (other, { code }) => findMatMade(other, code, null),
	'making/chosen-balls chosenFor': (other, { code }) => chosenFor(other, code),
	'book/links makeMatLink': (other, { code }) => makeMatLink(other, key(), code),
	'making/said saidOf': async (other, { code }) => [...(await saidOf(other, [code], null))],
	'making/rows seenOf': (other, { thing }) => seenOf(other, thing),
	'making/mats findMat': (other, { code }) => findMat(other, code, { today, timeZone: 'UTC' }),
	'making/mats countedMat': (other, { code }) =>
		countedMat(other, code, { today, timeZone: 'UTC' }),
	'making/mats listMats': (other) => listMats(other, { today, timeZone: 'UTC' }),
	'prepare/scrap keepScrap': (other, { day }) =>
		keep(other, key(), { type: 'scrap', dayId: day, grams: 20 }),
	'prepare/scrap scrapOfDay': (other, { day }) => scrapOfDay(other, day),
	'prepare/taps tapsOfDay': async (other, { day }) => (await tapsOfDay(other, day)).last,
	'prepare/taps lacksOfDay': (other, { day }) => lacksOfDay(other, day),
	'prepare/taps lotsOfDay': (other, { day }) => lotsOfDay(other, day),
	'table-day/run-day taughtBy': (other, { day }) => taughtBy(other, day),
	'prepare/pile-actions bindBall': (other, ids) =>
		orRefused(
			other.transaction((db) =>
				bindBall(
					db,
					ball(ids),
					{
						kindId: ids.kindId,
						kind: '',
						colours: [],
						cut: rings,
						bags: 1,
						pieces: 4,
						metres: { expected: 1, low: 1, high: 1 },
						massG: null,
						madeOn: today,
						planName: null
					},
					{ entryId: ids.movement, key: key(), at: new Date(), device: null, isSure: false },
					[]
				)
			)
		),
	'table-day/day-now askedDay': (other, { day }) => askedDay(other, day).catch(() => 'not found'),
	'table-day/run-day openDay': (other, { day }) => openDay(other, day, 1),
	'table-day/run-day closeDay': (other, { day, personId }) => closeDay(other, day, 1, [personId]),
	'prepare/day-work workOfDay': async (other) => (await workOfDay(other, terms)).work,
	'people/table-days listTableDays': (other) => listTableDays(other, today),
	'people/table-days addTableDay': (other, { day }) =>
		addTableDay(other, day, '2026-12-03', 'Elsewhere').then(({ outcome }) => outcome),
	'people/table-days setWhoComes': (other, { day, personId }) =>
		setWhoComes(other, day, 1, [personId]),
	'people/table-days callOffDay': (other, { day }) => callOffDay(other, day)
};

export const refusedAt = (field: string) => ({
	outcome: 'refused',
	problems: { [field]: expect.any(String) }
});
/** What is answered to another group, where it is plain. */
export const answersOfTable: Readonly<Record<string, unknown>> = {
	'book/piles bookMoves': 'refused',
	'prepare/ball-content ballContent': { field: 'kind', problem: expect.any(String) },
	'prepare/asked-cut askedCut': { field: 'plan', problem: expect.any(String) },
	'prepare/pile-actions keepCut': refusedAt('plan'),
	'prepare/pile-actions keepBall': refusedAt('kind'),
	'prepare/load-loom keepLoad': refusedAt('plan'),
	'prepare/recount keepRecount': refusedAt('kind'),
	'prepare/loaded-looms listLoadedLooms': [],
	'prepare/piles tableBasis': [[], []],
	'prepare/balls listBalls': [],
	'prepare/balls thingsOf': [],
	'prepare/balls listHappenings': [],
	'book/codes isReserved': false,
	'book/codes findBlock': null,
	'prepare/label-printer dropWaiting': 0,
	'prepare/label-printer standInPrinter': [
		null,
		{ labelsLeft: 40, trouble: null, waiting: [], printed: [] }
	],
	'prepare/labels labelsOf': [],
	'prepare/labels blankLabels': [],
	'prepare/piles listPiles': [],
	'prepare/piles listBallStock': [],
	'prepare/piles tableNow': { piles: [], acts: [], plans: [], stock: [], spoiled: null },
	'prepare/table-plans tablePlans': [],
	'prepare/load-table loadTable': [[], [], []],
	'prepare/loom-wishes loomWishes': {},
	'prepare/plans-for-ball plansForBall': [],
	'prepare/work-list workList': [],
	'people/people listPeople': [],
	'people/people addPerson': 'kept',
	'people/people keepPerson': refusedAt('name'),
	'people/day findDay': null,
	'people/day keepTerms': refusedAt('plan'),
	'people/day keepSeats': refusedAt('day'),
	'prepare/day-work cutAmong': null,
	'prepare/taps keepTap': refusedAt('day'),
	'making/mats findMat': null,
	'making/mats countedMat': null,
	'making/begin keepBegin': refusedAt('plan'),
	'making/begin keepHandOn': refusedAt('mat'),
	'making/mat-in-hand matInHand': { problem: expect.any(String) },
	'making/issue keepIssue': refusedAt('mat'),
	'making/given-bags bagsGiven': [],
	'book/things holdThing': null,
	'making/course keepNote': refusedAt('mat'),
	'making/course keepWish': refusedAt('mat'),
	'making/course keepFirstPass': refusedAt('mat'),
	'making/course keepStripes': refusedAt('mat'),
	'making/measured keepMatSize': refusedAt('mat'),
	'making/measured keepWeighed': refusedAt('mat'),
	'making/messages keepRemind': refusedAt('mat'),
	'making/mat-made findMatMade': { problem: expect.any(String) },
	'making/said saidOf': [],
	'book/links makeMatLink': null,
	'making/rows keepRow': refusedAt('mat'),
	'making/rows keepRows': refusedAt('mat'),
	'prepare/taps tapsOfDay': [],
	'prepare/taps lacksOfDay': [],
	'prepare/taps lotsOfDay': [],
	'table-day/run-day taughtBy': [],
	'table-day/day-now askedDay': 'not found',
	'table-day/run-day openDay': refusedAt('day'),
	'table-day/run-day closeDay': refusedAt('day'),
	'prepare/day-work workOfDay': null,
	'people/table-days listTableDays': [],
	'people/table-days addTableDay': 'kept',
	'people/table-days setWhoComes': refusedAt('people'),
	'people/table-days callOffDay': false
};
