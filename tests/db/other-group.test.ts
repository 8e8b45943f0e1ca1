import { Work } from '../../src/lib/server/db/work';
import { Db, type House, dbOf, house, RowCountError } from '../../src/lib/server/db/db';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ensureAppRole } from '../../scripts/lib/app-role.mjs';
import { barePractice } from '../../src/lib/core/practice/practice';
import type { ToolEntry } from '../../src/lib/entries/types/tool';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { changeGroup, findGroup, guessHall } from '../../src/lib/server/db/groups';
import { endPools, writers } from '../../src/lib/server/db/pool';
import { codeOf } from '../../src/lib/core/code/code';
import { reserveCodes } from '../../src/lib/server/book/codes';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import { listPeople } from '../../src/lib/server/people/people';
import { listLinks, makeLink, revokeLink } from '../../src/lib/server/book/links';
import { bindThing, findThing, happenTo } from '../../src/lib/server/book/things';
import { listBegunMats } from '../../src/lib/server/gather/begun-mats';
import { findPlanVersion } from '../../src/lib/server/plan/plan-versions';
import { enter, metUnder } from '../../src/lib/server/book/entries';
import { moveBack, moveInStore } from '../../src/lib/server/book/movements';
import { ensurePersons, personOf } from '../../src/lib/server/book/persons';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listTools } from '../../src/lib/server/prepare/tools';
import { findCorrected } from '../../src/lib/server/gather/taken-back';
import { keepSameKind, listSameKinds } from '../../src/lib/server/prepare/same-kind';
import { editOf, givenBack } from '../../src/lib/server/gather/give-back';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { endDrying, listDrying } from '../../src/lib/server/gather/drying';
import { keepList, checkList } from '../../src/lib/server/gather/keep-list';
import { listKinds, listStoredKinds, removeKind } from '../../src/lib/server/gather/kinds';
import { listBalances, listMovements } from '../../src/lib/server/gather/ledger';
import {
	dropImport,
	findImport,
	holdImport,
	layImport,
	listKeptImports,
	markImportKept,
	matchImport,
	mendImport,
	rememberMatching,
	rowsOfImport,
	settleImport
} from '../../src/lib/server/gather/list-imports';
import { knownDropOffs, knownMovements } from '../../src/lib/server/gather/list-known';
import { rowsAfter } from '../../src/lib/server/gather/list-out';
import {
	appendDropOffs,
	appendMovements,
	holdBalances
} from '../../src/lib/server/gather/list-rows';
import { takeListBack } from '../../src/lib/server/gather/list-taken-back';
import { loadAsks } from '../../src/lib/server/asks/load-asks';
import {
	listPlaces,
	placeOf,
	tallyOfNames,
	tallyOfPlace,
	makeOnePlace,
	makeOwnPlace,
	similarPlace,
	addReceivingPlace,
	endReceiving,
	listReceivingPlaces
} from '../../src/lib/server/gather/places';
import { countedKinds, knownOf } from '../../src/lib/server/bench/known-of';
import { practiceOrBare } from '../../src/lib/server/measures/practice-asked';
import { listSorted } from '../../src/lib/server/gather/sortings';
import { listWantedPlans, wantMats } from '../../src/lib/server/gather/wanted';
import { leaveOutMeasurement, listMeasurements } from '../../src/lib/server/measures/measurements';
import { listMakers, practiceOfGroup } from '../../src/lib/server/measures/practice';
import { leaveOutTimedWork, listTimedWork } from '../../src/lib/server/measures/timed-work';
import { archiveOf } from '../../src/lib/server/out/archive';
import { rowsOf, tableNames } from '../../src/lib/server/out/everything';
import { wholeGroupParts } from '../../src/lib/server/out/whole-group';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import type { PlanLine } from '../../src/lib/server/plan/plans';
import {
	deletePlan,
	hangsOnPlan,
	documentsOf,
	duplicatePlan,
	findDeletedPlan,
	findPlan,
	insertPlan,
	listNewestPlans,
	listPlans,
	renamePlan,
	restorePlan,
	updatePlan
} from '../../src/lib/server/plan/plans';
import { outOfPlans, plansNow } from '../../src/lib/server/plan/plans-now';
import { Memo } from '../../src/lib/server/db/cache';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { answersOfDoors, askedOfDoors, fillDoors } from './other-group-doors';
import { bringBack, listRemoved } from '../../src/lib/server/removed/removed';
import { useDatabase } from './database';
import {
	dropOff,
	measurement,
	movement,
	newGroup,
	newTable,
	sorting,
	timed,
	keep
} from './samples';
import { answersOfHandOver, askedOfHandOver } from './other-group-hand-over';
import { answersOfRhythm, askedOfRhythm } from './other-group-rhythm';
import { answersOfTable, askedOfTable, fillTable } from './other-group-prepare';
import { functionsOfGroups } from './statements';

useDatabase();

const hallLoom: ToolEntry = {
	type: 'tool',
	toolId: null,
	name: 'Hall loom',
	count: 1,
	tool: { sort: 'loom', pegs: 28, pitchMm: 25.4, pegToPegMm: 1828.8, hasRods: true }
};
const key = () => crypto.randomUUID();
/** Stands in every text of the one group, and in none of the other. */
const mark = 'Alcove';
const write = (name: string) => writeOf(name, startingPlan, key(), barePractice);

/** One group with something of everything, and what the ids of it are. */
async function fullGroup() {
	const { group, kindId } = await newTable();
	const idOf = async (kept: Promise<{ outcome: string } & Partial<Record<'id', unknown>>>) => {
		const { outcome, id } = await kept;
		if (outcome !== 'kept') throw new Error('not kept');
		return id as number;
	};
	const planOf = async (name: string) => {
		const kept = await insertPlan(group, write(name));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		return kept.plan;
	};
	const [plan, deleted] = [await planOf(`${mark} mat`), await planOf(`${mark} gone`)];
	await planOf(`${mark} spare`);
	await deletePlan(group, deleted.id);
	await wantMats(group, plan.id, 3, 0);
	const place = `${mark} kiosk`;
	const [sent, move] = [key(), { ...movement, kindId, note: mark, amount: 50 }];
	const ids = {
		plan,
		deleted: deleted.id,
		kindId,
		place,
		sent,
		dropOff: await idOf(keep(group, key(), { ...dropOff, place })),
		sorting: await idOf(keep(group, key(), { ...sorting, place, kindId, drying: 8, byName: mark })),
		movement: await idOf(keep(group, sent, move, new Date('2026-11-19T12:00:00Z'))),
		measurement: await idOf(keep(group, key(), { ...measurement, planId: plan.id, maker: mark })),
		timed: await idOf(keep(group, key(), { ...timed, maker: mark })),
		tool: await idOf(keep(group, key(), hallLoom)),
		laid: '',
		keptList: ''
	};
	const bag = { flatWidthMm: 410, gussetMm: 0, bodyMm: 500, handleMm: 0, massG: 9 };
	const kind = {
		type: 'bag-kind',
		kindId: null,
		name: `${mark} sack`,
		handfulCount: 9,
		source: 'used'
	} as const;
	const spareKind = key();
	await keep(group, spareKind, { ...kind, bag, isSure: true });
	const list = { heads: ['date', 'place', 'bags'], rows: [['2026-11-12', place, '9']] };
	const matched = {
		list: 'drop-offs',
		matching: ['came_on', 'place', 'bags'],
		dayOrder: null
	} as const;
	await rememberMatching(group, matched, ['p', 'q', 'r']);
	ids.laid = (await layImport(group, 'drop-offs', `${mark}.csv`, list)).id;
	ids.keptList = (await layImport(group, 'drop-offs', `${mark} 2.csv`, list)).id;
	await settleImport(group, ids.keptList, { dayOrder: null, known: 'again', oddRight: true });
	await keepList(group, ids.keptList, '2026-11-26');
	const places = await house.many<{ id: string }>('select id from place where group_id = $1', [
		group.groupId
	]);
	const [person] = await listPeople(group, today);
	const blockKey = key();
	const code = (await reserveCodes(group, blockKey, 3))?.codes[0] ?? '';
	const made = { code, sort: 'ball', plan, content: { mark } } as const;
	const thing = await idOf(group.transaction((db) => bindThing(db, ids.movement, made)));
	const link = key();
	await makeLink(group, link, plan.id);
	const day = await fillTable(group, person?.id ?? '', code);
	const receiving = (await addReceivingPlace(group, `${mark} house`)).id;
	const more = {
		...(await fillDoors(group, mark)),
		spareKind,
		personId: person?.id ?? '',
		blockKey,
		code,
		thing,
		link,
		receiving,
		day
	};
	return { group, ids: { ...ids, ...more, placeId: places[0]?.id ?? '' } };
}
type Ids = Awaited<ReturnType<typeof fullGroup>>['ids'];

const today = '2026-11-26';
const entered = {
	digest: 'theirs',
	type: 'timed',
	typed: {},
	at: new Date('2026-11-19T12:00:00Z'),
	device: null,
	sequence: null,
	linkId: null,
	byName: null,
	reason: null,
	note: null
};
const dropOffRow = {
	cameOn: '2026-11-19',
	place: `${mark} kiosk`,
	bags: 180,
	bagsLow: 180,
	bagsHigh: 180,
	sacks: 0,
	broughtBy: null,
	note: null
};
/** What is refused by the database itself is as good as refused in a sentence. */
const orRefused = (work: Promise<unknown>) => work.catch(() => 'refused');
const collect = async (parts: AsyncIterable<unknown>) => {
	const all: unknown[] = [];
	for await (const part of parts) all.push(part);
	return all;
};

/** Every function of the server that is told a group, asked in the name of a group that has nothing with the ids of the one that has. */
const asked: Readonly<Record<string, (other: Db, ids: Ids) => Promise<unknown>>> = {
	...askedOfTable,
	...askedOfHandOver,
	...askedOfRhythm,
	...askedOfDoors,
	'db/groups findGroup': (other) => findGroup(other),
	'db/groups changeGroup': (other) =>
		changeGroup(other, {
			name: null,
			lengthSystem: 'ft',
			stitchTerms: 'uk',
			timeZone: null,
			locale: null
		}),
	'db/groups guessHall': (other) => guessHall(other, 'Pacific/Auckland', 'en-NZ'),
	'book/persons personOf': (other) => personOf(other, 'Wren'),
	'book/persons ensurePersons': (other) =>
		other.transaction((db) => ensurePersons(db, ['Wren', null])),
	'book/forget-person forgetPerson': (other, { personId }) => forgetPerson(other, personId),
	'book/codes reserveCodes': async (other, { blockKey }) =>
		(await reserveCodes(other, blockKey, 3))?.codes,
	'book/things bindThing': (other, { movement: entryId }) =>
		orRefused(
			other.transaction((db) =>
				bindThing(db, entryId, {
					code: codeOf(1),
					sort: 'ball',
					plan: null,
					content: {}
				})
			)
		),
	'book/things findThing': (other, { code }) => findThing(other, code),
	'book/things happenTo': (other, { movement: entryId, thing }) =>
		orRefused(other.transaction((db) => happenTo(db, entryId, thing, 'lost'))),
	'book/links makeLink': async (other, { plan }) =>
		(await makeLink(other, key(), plan.id)) !== null,
	'book/links listLinks': (other) => listLinks(other, null),
	'book/links revokeLink': (other, { link }) => revokeLink(other, link),
	'plan/plan-versions findPlanVersion': (other, { plan }) =>
		findPlanVersion(other, plan.id, plan.version),
	'gather/places listReceivingPlaces': (other) => listReceivingPlaces(other),
	'gather/places addReceivingPlace': (other) => addReceivingPlace(other, 'Tide House'),
	'gather/places endReceiving': (other, { receiving }) => endReceiving(other, receiving),
	'book/entries enter': async (other, { sent }) => {
		const entering = { ...entered, key: sent };
		return [
			(await enter(other, entering)).met,
			(await enter(other, entering)).met,
			(await enter(other, { ...entering, digest: 'another' })).met
		];
	},
	'book/entries metUnder': (other, { sent }) => metUnder(other, sent, 'theirs'),
	'book/movements moveInStore': (other, { kindId, movement: entryId }) =>
		orRefused(
			other.transaction((db) =>
				moveInStore(db, [
					{ entryId, kindId, colour: 'blue', form: 'bag', amount: 9, elsewhere: 'outside' }
				])
			)
		),
	'book/movements moveBack': (other, { movement: entryId }) =>
		other.transaction((db) => moveBack(db, [entryId], entryId)),
	'entries/take-entry bookEntry': (other, { movement: corrects }) =>
		keep(other, key(), { type: 'correction', of: 'entry', corrects, note: 'x', byName: null }),
	'entries/take-entry saveEntry': (other, { movement: id }) =>
		saveEntry(
			other,
			{ key: key(), type: 'correction', typed: { corrects: String(id), note: 'x' } },
			{ lengthSystem: 'cm', timeZone: 'UTC' }
		),
	'gather/places listPlaces': (other) => listPlaces(other),
	'gather/places placeOf': (other) => other.transaction((db) => placeOf(db, 'Bus depot')),
	'gather/places tallyOfNames': async (other) => [...(await tallyOfNames(other))],
	'gather/places tallyOfPlace': (other, { placeId }) =>
		orRefused(other.transaction((db) => tallyOfPlace(db, placeId))),
	'gather/drop-offs keepDropOff': (other) => keep(other, key(), dropOff),
	'gather/drop-offs listDropOffs': (other) => listDropOffs(other),
	'gather/kinds keepBagKind': async (other, { kindId }) => {
		const bag = { flatWidthMm: 300, gussetMm: 0, bodyMm: 400, handleMm: 0, massG: 5 };
		const named = {
			type: 'bag-kind',
			name: 'Stolen',
			bag,
			handfulCount: 9,
			source: 'used',
			isSure: true
		} as const;
		return keep(other, key(), { ...named, kindId });
	},
	'prepare/tools listTools': (other) => listTools(other),
	'prepare/tools keepTool': (other, { tool }) =>
		keep(other, key(), { ...hallLoom, toolId: String(tool), name: 'Stolen' }),
	'gather/kinds listKinds': (other) => listKinds(other),
	'gather/kinds listStoredKinds': (other) => listStoredKinds(other),
	'gather/kinds removeKind': (other, { spareKind }) => removeKind(other, spareKind),
	'gather/ledger listBalances': (other) => listBalances(other),
	'gather/ledger listMovements': (other, { kindId }) =>
		listMovements(other, { kindId, colour: 'blue', form: 'bag' }),
	'gather/ledger keepMovement': (other, { kindId }) => keep(other, key(), { ...movement, kindId }),
	'gather/sortings listSorted': (other) => listSorted(other),
	'gather/sortings keepSorting': (other, { kindId, sorting: driedFrom }) =>
		orRefused(keep(other, key(), { ...sorting, kindId, driedFrom, strand: 8, drying: 0 })),
	'gather/taken-back takeBack': async (other, ids) => [
		await keep(other, key(), {
			type: 'correction',
			of: 'sorting',
			corrects: ids.sorting,
			note: 'x',
			byName: null
		}),
		await keep(other, key(), {
			type: 'correction',
			of: 'drop-off',
			corrects: ids.dropOff,
			note: 'x',
			byName: null
		})
	],
	'gather/give-back givenBack': (other, { sorting: id }) => givenBack(other, 'sorting', id),
	'gather/give-back editOf': (other, { sorting: id }) => editOf(other, 'sorting', id),
	'gather/taken-back findCorrected': (other, { sorting: id }) =>
		findCorrected(other, 'sorting', id),
	'gather/places similarPlace': (other) => similarPlace(other, 'Fery kiosk'),
	'gather/places makeOnePlace': (other, { placeId, receiving }) =>
		makeOnePlace(other, placeId, receiving),
	'gather/places makeOwnPlace': (other, { placeId }) => makeOwnPlace(other, placeId),
	'prepare/same-kind listSameKinds': (other) => listSameKinds(other),
	'prepare/same-kind keepSameKind': (other, { kindId, spareKind, movement: entryId }) =>
		orRefused(
			keepSameKind(
				other,
				{ type: 'same-kind', kindId: spareKind, asId: kindId },
				{ entryId, key: key(), at: new Date(), device: null, isSure: false }
			)
		),
	'gather/drying listDrying': (other) => listDrying(other),
	'gather/drying endDrying': (other, { sorting: id }) => endDrying(other, id, true),
	'gather/list-imports rememberMatching': (other) =>
		rememberMatching(other, { list: 'drop-offs', matching: ['', 'place', ''], dayOrder: 'dmy' }, [
			'date',
			'place',
			'bags'
		]),
	'gather/list-imports listKeptImports': (other) => listKeptImports(other),
	'gather/list-imports layImport': async (other) => {
		const { id } = await layImport(other, 'drop-offs', 'x.csv', {
			heads: ['p', 'q', 'r'],
			rows: []
		});
		return (await findImport(other, id))?.matching;
	},
	'gather/list-imports findImport': (other, { laid }) => findImport(other, laid),
	'gather/list-imports holdImport': (other, { laid }) =>
		other.transaction((db) => holdImport(db, laid)),
	'gather/list-imports rowsOfImport': (other, { laid }) => orRefused(rowsOfImport(other, laid)),
	'gather/list-imports matchImport': (other, { laid }) => matchImport(other, laid, ['', '', '']),
	'gather/list-imports settleImport': (other, { laid }) =>
		settleImport(other, laid, { dayOrder: 'mdy', known: 'skip', oddRight: true }),
	'gather/list-imports mendImport': (other, { laid }) => mendImport(other, laid, 0, 2, '99'),
	'gather/list-imports markImportKept': (other, { laid }) =>
		other.transaction((db) => markImportKept(db, laid)),
	'gather/list-imports dropImport': (other, { laid }) => dropImport(other, laid),
	'gather/list-known knownDropOffs': async (other) => [
		...(await knownDropOffs(other, [dropOffRow]))
	],
	'gather/list-known knownMovements': async (other, { kindId }) => {
		const row = { kindId, colour: 'blue', form: 'bag', amount: 50, reason: 'counted' } as const;
		return [
			...(await knownMovements(other, [
				{ ...row, movedAt: '2026-11-19T12:00:00Z', byName: null, note: null }
			]))
		];
	},
	'gather/list-rows appendDropOffs': (other) =>
		other.transaction((db) =>
			appendDropOffs(db, key(), 0, [{ ...dropOffRow, place: 'Bus depot' }])
		),
	'gather/list-rows appendMovements': (other, { kindId }) =>
		orRefused(
			other.transaction((db) =>
				appendMovements(db, key(), 0, [{ ...movement, kindId, reason: 'counted', movedAt: null }])
			)
		),
	'gather/list-rows holdBalances': async (other) => [
		await holdBalances(other),
		await other.transaction((db) => holdBalances(db))
	],
	'gather/keep-list checkList': async (other) => {
		const said = { list: 'drop-offs', matching: ['came_on', 'place', 'bags'] } as const;
		const rows = { heads: [], rows: [['2026-11-19', `${mark} kiosk`, '180']] };
		const how = { dayOrder: null, knownRows: 'ask', sameKeptAt: null } as const;
		const { knownCount } = await checkList(other, { ...said, ...how }, rows, today);
		return knownCount;
	},
	'gather/keep-list keepList': (other, { laid }) => keepList(other, laid, today),
	'gather/list-out rowsAfter': async (other) => [
		await rowsAfter(other, 'drop-offs', 0, 100),
		await rowsAfter(other, 'movements', 0, 100)
	],
	'gather/list-taken-back takeListBack': (other, { keptList }) =>
		takeListBack(other, keptList, 'x', null),
	'gather/begun-mats listBegunMats': (other) => listBegunMats(other),
	'gather/wanted wantMats': (other, { plan }) => wantMats(other, plan.id, 9, 3),
	'gather/wanted listWantedPlans': (other) => listWantedPlans(other),
	'asks/load-asks loadAsks': (other, { placeId }) =>
		loadAsks(other, placeId, listKinds(other), { today: '2026-11-26', timeZone: 'UTC' }),
	'bench/known-of countedKinds': (other) => countedKinds(other),
	'bench/known-of knownOf': (other) => knownOf(other),
	'measures/practice-asked practiceOrBare': async (other) =>
		(await practiceOrBare(other)).factors.pieceLength,
	'measures/practice practiceOfGroup': async (other) => [
		(await practiceOfGroup(other)).factors,
		(await practiceOfGroup(other, mark)).factors
	],
	'measures/practice listMakers': (other) => listMakers(other),
	'measures/measurements keepMeasurement': (other, { plan }) =>
		keep(other, key(), { ...measurement, planId: plan.id }),
	'measures/measurements listMeasurements': (other) => listMeasurements(other),
	'measures/measurements leaveOutMeasurement': (other, { measurement: id }) =>
		leaveOutMeasurement(other, id, true),
	'measures/timed-work keepTimedWork': (other) => keep(other, key(), timed),
	'measures/timed-work listTimedWork': (other) => listTimedWork(other),
	'measures/timed-work leaveOutTimedWork': (other, { timed: id }) =>
		leaveOutTimedWork(other, id, true),
	'out/everything rowsOf': async (other) => {
		const { db, close } = await other.snapshot();
		const all = [];
		for (const name of tableNames) all.push(await collect(rowsOf(db, name)));
		await close();
		return all;
	},
	'out/archive archiveOf': async (other) => {
		const { db, close } = await other.snapshot();
		const bytes = (await collect(archiveOf(db))) as Uint8Array[];
		await close();
		return Buffer.concat(bytes).toString('latin1');
	},
	'out/whole-group wholeGroupParts': async (other) => {
		const { db, close } = await other.snapshot();
		const parts = await collect(wholeGroupParts(db));
		await close();
		return parts;
	},
	'plan/plans insertPlan': (other) => insertPlan(other, write('Own')),
	'plan/plans updatePlan': (other, { plan }) =>
		updatePlan(other, plan.id, plan.version, write('Stolen')),
	'plan/plans listPlans': (other) => listPlans(other),
	'plan/plans documentsOf': (other, { plan }) => documentsOf(other, [plan.id]),
	'plan/plans listNewestPlans': (other) => listNewestPlans(other, 100),
	'plan/plans findPlan': (other, { plan }) => findPlan(other, plan.id),
	'plan/plans findDeletedPlan': (other, { deleted }) => findDeletedPlan(other, deleted),
	'plan/plans renamePlan': (other, { plan }) => renamePlan(other, plan.id, 'Stolen'),
	'plan/plans duplicatePlan': (other, { plan }) => duplicatePlan(other, plan.id, key()),
	'plan/plans deletePlan': (other, { plan }) => deletePlan(other, plan.id),
	'plan/plans restorePlan': (other, { deleted }) => restorePlan(other, deleted),
	'plan/plans hangsOnPlan': (other, { plan }) => hangsOnPlan(other, plan.id),
	'removed/removed listRemoved': (other) => listRemoved(other),
	'removed/removed bringBack': (other, { deleted }) => bringBack(other, 'plan', deleted),
	'plan/plans-now outOfPlans': async (other, { plan }) => [
		...(await outOfPlans(other, [plan], barePractice, new Memo<number>(), () => 1))
	],
	'plan/plans-now plansNow': async (other, { plan }) =>
		(await plansNow(other, [plan as PlanLine], barePractice)).length
};
/** What the other group is told where an answer has no text to know it by. */
const answers: Readonly<Record<string, unknown>> = {
	...answersOfTable,
	...answersOfHandOver,
	...answersOfRhythm,
	...answersOfDoors,
	'db/save-result keptUnder': null,
	'db/save-result saveResultOf': { outcome: 'duplicate', id: 0 },
	'entries/entry-keys claimKey': ['new', 'same', 'other'],
	'gather/places tallyOfPlace': 'refused',
	'gather/places tallyOfNames': [],
	'gather/drop-offs listDropOffs': [],
	'gather/kinds removeKind': false,
	'gather/ledger listBalances': [],
	'gather/ledger listMovements': [],
	'gather/ledger append': 'refused',
	'gather/sortings listSorted': [],
	'gather/give-back givenBack': null,
	'gather/give-back editOf': null,
	'gather/taken-back findCorrected': null,
	'gather/places similarPlace': null,
	'gather/places makeOnePlace': false,
	'gather/places makeOwnPlace': false,
	'prepare/same-kind listSameKinds': [],
	'prepare/same-kind keepSameKind': {
		outcome: 'refused',
		problems: { kind: 'That kind of bag is not in the list any more.' }
	},
	'prepare/tools listTools': [],
	'gather/drying listDrying': [],
	'gather/drying endDrying': 0,
	'gather/list-imports listKeptImports': [],
	'gather/list-imports findImport': null,
	'gather/list-imports holdImport': null,
	'gather/list-imports rowsOfImport': 'refused',
	'gather/list-imports layImport': ['', '', ''],
	'gather/list-imports matchImport': 0,
	'gather/list-imports settleImport': 0,
	'gather/list-imports mendImport': 0,
	'gather/list-imports markImportKept': 0,
	'gather/list-imports dropImport': 0,
	'gather/list-known knownDropOffs': [],
	'gather/list-known knownMovements': [],
	'gather/list-rows appendMovements': 'refused',
	'gather/list-rows holdBalances': [[], []],
	'gather/keep-list checkList': 0,
	'gather/keep-list keepList': { outcome: 'gone' },
	'gather/list-out rowsAfter': [[], []],
	'gather/wanted wantMats': { outcome: 'gone' },
	'measures/practice listMakers': [],
	'measures/measurements listMeasurements': [],
	'measures/measurements leaveOutMeasurement': null,
	'measures/timed-work listTimedWork': [],
	'measures/timed-work leaveOutTimedWork': null,
	'plan/plans updatePlan': { outcome: 'gone' },
	'plan/plans listPlans': [],
	'plan/plans documentsOf': [],
	'plan/plans findPlan': null,
	'plan/plans findDeletedPlan': null,
	'plan/plans renamePlan': false,
	'plan/plans duplicatePlan': null,
	'plan/plans deletePlan': false,
	'plan/plans restorePlan': false,
	'plan/plans hangsOnPlan': null,
	'removed/removed listRemoved': [],
	'removed/removed bringBack': 'gone',
	'plan/plans-now outOfPlans': [],
	'plan/plans-now plansNow': 0
};
/** Told a group, and asking the database nothing of its own. */
const askNothing = [
	'web/reader readerOfGroup',
	'measures/practice-asked practiceAsked',
	// Of the whole house.
	'web/machine copiesNoted'
];

const tables = [
	'volunteer_group',
	'plan',
	'place',
	'bag_kind',
	'drop_off',
	'sorting',
	'movement',
	'taken_back',
	'balance',
	'drying',
	'place_tally',
	'measurement',
	'timed_work',
	'list_import',
	'list_matching',
	'entry',
	'line',
	'person',
	'plan_version',
	'thing',
	'thing_event',
	'code_block',
	'link',
	'cut',
	'tool',
	'person_seat',
	'sits_well',
	'table_day',
	'day_person',
	'seat',
	'label_job',
	'rhythm',
	'hall_shut',
	'away',
	'counted_on',
	'season_look',
	'label_printer',
	'member',
	'trail',
	'late_entry',
	'sheet_printer',
	'handed_picture',
	'kept_picture'
] as const;

describe('what belongs to one group', () => {
	let group: Db;
	let ids = {} as Ids;
	beforeAll(async () => {
		({ group, ids } = await fullGroup());
		await house.execute('update volunteer_group set name = $2 where id = $1', [
			group.groupId,
			mark
		]);
		// Old enough to be cleared away when the next list comes, of its own group alone.
		await house.execute(
			`update list_import set created_at = now() - interval '31 days' where id = $1`,
			[ids.laid]
		);
	});

	/** Everything the group has, as text. */
	async function all(): Promise<string> {
		const rows = [];
		for (const table of tables)
			rows.push(
				await house.many<{ row: unknown }>(
					`select to_jsonb(t) as row from ${table} t
					 where t.${table === 'volunteer_group' ? 'id' : 'group_id'} = $1 order by 1`,
					[group.groupId]
				)
			);
		return JSON.stringify(rows);
	}

	it('is everything the tables have room for', async () => {
		const text = await all();
		for (const table of [`"name":"${mark} mat"`, `"note":"${mark}"`, `"name":"${mark}"`])
			expect(text).toContain(table);
	});

	it('is asked for by every function that is told a group', () =>
		expect([...Object.keys(asked), ...askNothing].sort()).toEqual(functionsOfGroups().sort()));

	it.each(Object.entries(asked))(
		'is neither found nor changed for another: %s',
		async (name, ask) => {
			const other = await newGroup();
			const before = await all();
			const found = (await ask(other, ids)) ?? null;
			if (name in answers) expect(found).toEqual(answers[name]);
			const answer = JSON.stringify(found);
			expect(answer).not.toContain(mark);
			for (const id of [ids.plan.id, ids.deleted, ids.placeId, ids.laid, ids.keptList])
				expect(answer).not.toContain(id);
			expect(await all()).toBe(before);
		}
	);

	it('is told of its own measures alone, to the figure', async () => {
		const other = await newGroup();
		for (const maker of [null, mark]) {
			const learned = await practiceOfGroup(other, maker);
			expect({ ...learned, basis: barePractice.basis }).toEqual(barePractice);
		}
		const { factors, hands, rejectedShare } = await practiceOfGroup(group);
		expect(factors).not.toEqual(barePractice.factors);
		expect(hands).not.toEqual(barePractice.hands);
		expect(rejectedShare).not.toBe(barePractice.rejectedShare);
	});
});

/** Refused by the database, or not found by what wants to find it: that is as good as nothing. */
const nothing = Symbol('nothing');
const orNothing = (error: unknown) => {
	const { code = '' } = error as { code?: string };
	// Rows that may not be written, or that refer to what is not seen.
	if (error instanceof RowCountError || ['42501', '23503', '23514', '23505'].includes(code))
		return nothing;
	throw error;
};

/** Work that asks for one group, where the database is told another. */
class ForAnother extends Work {
	readonly #other = crypto.randomUUID() as GroupId;
	override get groupSaid(): GroupId {
		return this.#other;
	}
}

describe('rows of a group', () => {
	let group: Db;
	let ids = {} as Ids;
	let owner: pg.Client;
	beforeAll(async () => {
		({ group, ids } = await fullGroup());
		const ownerUrl = process.env.DATABASE_URL ?? '';
		owner = new pg.Client({ connectionString: ownerUrl });
		await owner.connect();
		await endPools();
		process.env.DATABASE_URL = await ensureAppRole(ownerUrl);
	});
	afterAll(() => owner.end());

	const all = async () => {
		const rows = [];
		for (const table of tables)
			rows.push(
				(
					await owner.query(
						`select to_jsonb(t) as row from ${table} t
						 where t.${table === 'volunteer_group' ? 'id' : 'group_id'} = $1 order by 1`,
						[group.groupId]
					)
				).rows
			);
		return JSON.stringify(rows);
	};

	it('are seen by work for that group, and by no other and none', async () => {
		const plansOf = (db: House) => db.many<{ id: string }>('select id from plan', []);
		const plans = () => plansOf(house);
		const seen = await plansOf(group);
		expect(seen.map(({ id }) => id)).toContain(ids.plan.id);
		expect(await plans()).toEqual([]);
		expect(await plansOf(dbOf(crypto.randomUUID() as GroupId))).toEqual([]);
		// What was said for one transaction is not said for the next on the same connection.
		expect(await plans()).toEqual([]);
		// Neither where it was said to write, and what signs in is lent the same connections.
		for (const ask of [group.writer, group]) {
			await plansOf(ask);
			await group.execute('update plan set name = name where group_id = $1', [group.groupId]);
			expect(await plansOf(house.writer)).toEqual([]);
			expect(await house.transaction(plansOf)).toEqual([]);
			expect((await writers().query('select id from plan')).rows).toEqual([]);
			const moment = await house.snapshot();
			expect(await plansOf(moment.db)).toEqual([]);
			await moment.close();
		}
		await expect(house.execute('reset role; set row_security = off', [])).rejects.toThrow();
		await expect(
			house.execute('alter table plan disable row level security', [])
		).rejects.toMatchObject({
			code: '42501'
		});
	});

	it.each(Object.entries(asked))(
		'are not there for work of another, even when asked for by their own: %s',
		async (_name, ask) => {
			const before = await all();
			const found = await ask(new Db(new ForAnother(group.groupId, null, null)), ids).catch(
				orNothing
			);
			if (found !== nothing) {
				const answer = JSON.stringify(found ?? null);
				expect(answer).not.toContain(`${mark} `);
			}
			expect(await all()).toBe(before);
		}
	);
});
