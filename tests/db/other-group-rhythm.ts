import type { Db } from '../../src/lib/server/db/db';
import { readBestPage } from '../../src/lib/server/asks/best-page';
import { chainNow } from '../../src/lib/server/asks/chain-now';
import { changedSince, readSeasonPage } from '../../src/lib/server/asks/season-page';
import { broughtByKind } from '../../src/lib/server/asks/sources';
import { awaySpans } from '../../src/lib/server/book/away-spans';
import { letTeensCutSharp } from '../../src/lib/server/db/groups';
import { handOverDays } from '../../src/lib/server/hand-over/calendar';
import { hangsOnPlace } from '../../src/lib/server/hand-over/hangs-on-place';
import { matsToBegin, needFrom, readNeed } from '../../src/lib/server/need/need';
import { dropAway, keepAway, listAway } from '../../src/lib/server/people/away';
import { comingDays } from '../../src/lib/server/people/coming-days';
import { listShut, openHall, shutHall } from '../../src/lib/server/people/hall-shut';
import { hangsOnPerson } from '../../src/lib/server/people/hangs-on-person';
import { letThemCome } from '../../src/lib/server/people/let-them-come';
import {
	findRhythm,
	keepDaysAhead,
	keepRhythm,
	ruleOfGroup
} from '../../src/lib/server/people/rhythm';
import { calendarDays } from '../../src/lib/server/people/rhythm-series';
import { tableBasis } from '../../src/lib/server/prepare/piles';
import { namesOfPlansInWork } from '../../src/lib/server/prepare/plans-in-work';
import { plansRead } from '../../src/lib/server/prepare/table-plans';
import { keepAim, keepBegin, keepNextPlan } from '../../src/lib/server/season/best-kept';
import { dropCounted, keepTried } from '../../src/lib/server/season/counted-on';
import { keepLook, lookOfLastWeek, lookOfWeeksAgo } from '../../src/lib/server/season/looks';
import { seasonNow } from '../../src/lib/server/season/season-now';
import { daysPage } from '../../src/lib/server/table-day/days-page';
import { noLevers } from '../../src/lib/core/season/forecast';
import type { PrepareIds } from './other-group-prepare';
import { refusedAt } from './other-group-prepare';

const key = () => crypto.randomUUID();
const today = '2026-11-26';
const hall = { today, timeZone: 'UTC' };
const span = { from: '2026-12-07', to: '2026-12-13' };
const goal = { by: '2027-02-04', wanted: 2, handedOver: 0, asks: [] };
const said = {
	...{ expected: 1, low: 1, high: 1, chance: 0, weeks: [], heldBackBy: {} },
	...{ goals: [], allWeeks: [], runs: 1, levers: [], plain: null }
};
const nobody = { asks: [], plans: [] };
const asSaid = {
	asks: Promise.resolve([]),
	inHand: Promise.resolve({ mats: [], habits: [] })
};

/** Every function of the rhythm, of who is away and of the chain, asked by a group for what another has. */
export const askedOfRhythm: Readonly<
	Record<string, (other: Db, ids: PrepareIds) => Promise<unknown>>
> = {
	'asks/best-page readBestPage': async (other) => (await readBestPage(other, hall, null)).names,
	'asks/chain-now chainNow': (other) => chainNow(other, hall, 'other'),
	'asks/season-page readSeasonPage': async (other) =>
		(await readSeasonPage(other, hall)).basis.tableDays,
	'asks/season-page changedSince': async (other) =>
		changedSince(other, await readSeasonPage(other, hall), goal, said, 'coordinator'),
	'asks/sources broughtByKind': (other) => broughtByKind(other, hall),
	'book/away-spans awaySpans': async (other) => [...(await awaySpans(other, '2000-01-01'))],
	'db/groups letTeensCutSharp': (other) => letTeensCutSharp(other, false),
	'hand-over/calendar handOverDays': (other) => handOverDays(other, today),
	'hand-over/hangs-on-place hangsOnPlace': (other) => hangsOnPlace(other, key(), today),
	'need/need matsToBegin': async (other) => [...(await matsToBegin(other, hall))],
	'need/need needFrom': (other) => needFrom(other, hall, asSaid),
	'need/need readNeed': (other) => readNeed(other, hall),
	'people/away dropAway': (other) => dropAway(other, key()),
	'people/away keepAway': (other, { personId }) => keepAway(other, key(), personId, span),
	'people/away listAway': (other) => listAway(other, '2000-01-01'),
	'people/coming-days comingDays': (other) => comingDays(other, '2000-01-01'),
	'people/hall-shut listShut': (other) => listShut(other),
	'people/hall-shut openHall': (other) => openHall(other, key()),
	'people/hall-shut shutHall': (other) => shutHall(other, key(), span),
	'people/hangs-on-person hangsOnPerson': (other, { personId }) =>
		hangsOnPerson(other, personId, '2000-01-01'),
	'people/let-them-come letThemCome': (other, { personId }) =>
		letThemCome(other, [personId], '2000-01-01'),
	'people/rhythm findRhythm': (other) => findRhythm(other),
	'people/rhythm keepDaysAhead': (other) => keepDaysAhead(other, today),
	'people/rhythm keepRhythm': (other, { personId, plan }) =>
		keepRhythm(
			other,
			{
				...{ version: 0, rule: 'FREQ=WEEKLY;BYDAY=TH', startsOn: today, endsOn: null },
				...{ place: 'Boat shed', from: 1080, to: 1230, breaks: [], breakLength: 5 },
				...{ planId: plan.id, ballsWanted: null }
			},
			[personId],
			today
		),
	'people/rhythm ruleOfGroup': (other) => ruleOfGroup(other),
	'people/rhythm-series calendarDays': (other) => calendarDays(other, today),
	'prepare/plans-in-work namesOfPlansInWork': (other) => namesOfPlansInWork(other),
	'prepare/table-plans plansRead': async (other) =>
		(await plansRead(other, tableBasis(other))).reads,
	'season/best-kept keepAim': (other, { plan }) =>
		keepAim(other, {
			...{ day: key(), planId: plan.id, balls: 1 },
			...{ strands: 0, checks: 0, pillows: 0 }
		}),
	'season/best-kept keepBegin': (other, { personId }) => keepBegin(other, [personId], []),
	'season/best-kept keepNextPlan': async (other, { plan }) => {
		await keepNextPlan(other, plan.id);
		return (await seasonNow(other, hall)).nextPlan;
	},
	'season/counted-on dropCounted': (other) => dropCounted(other, key()),
	'season/counted-on keepTried': async (other) =>
		keepTried(other, key(), await seasonNow(other, hall), goal, {
			levers: { ...noLevers, 'table-day': 1 },
			other: null
		}),
	'season/looks keepLook': async (other) => keepLook(other, await seasonNow(other, hall), [], []),
	'season/looks lookOfLastWeek': (other) => lookOfLastWeek(other, '2099-01-01'),
	'season/looks lookOfWeeksAgo': (other) => lookOfWeeksAgo(other, '2099-01-01', 1),
	'table-day/days-page daysPage': (other) => daysPage(other, { today }, 'coordinator', null)
};

/** What is answered, where it is plain. */
export const answersOfRhythm: Readonly<Record<string, unknown>> = {
	'asks/best-page readBestPage': {},
	'season/best-kept keepAim': false,
	'season/best-kept keepBegin': 0,
	'season/best-kept keepNextPlan': null,
	'asks/chain-now chainNow': { ...nobody, balls: [], bags: [] },
	'asks/season-page readSeasonPage': [],
	'asks/season-page changedSince': null,
	'asks/sources broughtByKind': [],
	'book/away-spans awaySpans': [],
	'db/groups letTeensCutSharp': 0,
	'hand-over/calendar handOverDays': [],
	'hand-over/hangs-on-place hangsOnPlace': null,
	'need/need matsToBegin': [],
	'need/need needFrom': nobody,
	'need/need readNeed': nobody,
	'people/away dropAway': false,
	'people/away keepAway': refusedAt('person'),
	'people/away listAway': [],
	'people/coming-days comingDays': [],
	'people/hall-shut listShut': [],
	'people/hall-shut openHall': refusedAt('shut'),
	'people/hangs-on-person hangsOnPerson': { mats: [], days: 0, seats: 0 },
	'people/let-them-come letThemCome': 0,
	'people/rhythm findRhythm': null,
	'people/rhythm keepRhythm': refusedAt('plan'),
	'people/rhythm ruleOfGroup': null,
	'people/rhythm-series calendarDays': { series: null, days: [] },
	'prepare/plans-in-work namesOfPlansInWork': [],
	'prepare/table-plans plansRead': [],
	'season/counted-on dropCounted': 0,
	'season/counted-on keepTried': refusedAt('rhythm'),
	'season/looks lookOfLastWeek': null,
	'season/looks lookOfWeeksAgo': null
};
