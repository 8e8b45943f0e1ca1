import { type Db } from '../../src/lib/server/db/db';
import { listPeopleNames } from '../../src/lib/server/people/people';
import { nextFor } from '../../src/lib/server/know-how/next-for';
import { practisedBy } from '../../src/lib/server/know-how/practised';
import { ownThings } from '../../src/lib/server/know-how/own-things';
import { barePractice } from '../../src/lib/core/practice/practice';
import { usualCrate } from '../../src/lib/entries/types/deliver';
import { oddMat } from '../../src/lib/server/check/checks';
import { checkOverview, findMade, listToMend } from '../../src/lib/server/check/made-mats';
import { filmInMat } from '../../src/lib/server/check/taken-apart';
import { keepPlaceWords, listAccepting, listPlaceWords } from '../../src/lib/server/gather/places';
import { accountIn, deliveryAccounts, listHanded } from '../../src/lib/server/hand-over/account';
import { asksBy, listAsks, listWaiting } from '../../src/lib/server/hand-over/asks';
import { handOverEvents } from '../../src/lib/server/hand-over/calendar';
import { findDelivery, listDeliveries, listReady } from '../../src/lib/server/hand-over/deliveries';
import { matSizes } from '../../src/lib/server/hand-over/mat-sizes';
import { storyOfMat } from '../../src/lib/server/hand-over/mat-story';
import { listPillows, pillowStore } from '../../src/lib/server/hand-over/pillows';
import { tagsOf } from '../../src/lib/server/hand-over/tags';
import { logsOf } from '../../src/lib/server/making/mat-logs';
import { readInHand } from '../../src/lib/server/making/mats';
import { filmInStore } from '../../src/lib/server/season/film-in-store';
import { listForetold } from '../../src/lib/server/season/foretold';
import { nextDayToTell, peopleToTell } from '../../src/lib/server/season/words-to-people';
import { markedTables, markOf } from '../../src/lib/server/db/cache';
import { readSeason, seasonNow } from '../../src/lib/server/season/season-now';
import { plansOfSeason, toolsOfSeason } from '../../src/lib/server/season/season-plans';
import { stripOfToday } from '../../src/lib/server/today/film-strip';
import { isAnythingKept, readTold, readToday } from '../../src/lib/server/today/today';
import type { PrepareIds } from './other-group-prepare';
import { refusedAt } from './other-group-prepare';
import { keep } from './samples';

const key = () => crypto.randomUUID();
const today = '2026-11-26';

/** Every function of Check and Hand over, asked by a group for what another has. */
export const askedOfHandOver: Readonly<
	Record<string, (other: Db, ids: PrepareIds) => Promise<unknown>>
> = {
	'check/checks keepFinish': (other, { code }) => keep(other, key(), { type: 'finish', mat: code }),
	'check/checks keepMended': (other, { code }) => keep(other, key(), { type: 'mended', mat: code }),
	'check/checks keepCheck': (other, { code }) =>
		keep(other, key(), {
			type: 'check',
			mat: code,
			widthMm: 850,
			lengthMm: 1850,
			massG: null,
			goesThrough: Array.from({ length: 15 }, () => false),
			faults: [],
			result: null,
			why: null
		}),
	'hand-over/deliver keepDeliver': (other, { code }) =>
		keep(other, key(), {
			type: 'deliver',
			placeId: key(),
			mats: [code],
			pillows: [],
			goesOn: today,
			crate: usualCrate,
			gathering: null,
			note: null
		}),
	'hand-over/deliver keepReceived': (other, { code }) =>
		keep(other, key(), { type: 'received', delivery: code, receivedOn: null, note: null }),
	'hand-over/deliver keepSentBack': (other, { code }) =>
		keep(other, key(), { type: 'sent-back', mat: code, note: 'a word' }),
	'hand-over/mat-sizes matSizes': async (other, { code }) => [...(await matSizes(other, [code]))],
	'hand-over/deliveries listReady': (other) => listReady(other),
	'hand-over/deliveries listDeliveries': (other) => listDeliveries(other, {}),
	'check/made-mats findMade': (other, { code }) => findMade(other, code),
	'check/made-mats checkOverview': (other) => checkOverview(other),
	'hand-over/deliveries findDelivery': (other, { code }) => findDelivery(other, code),
	'hand-over/account accountIn': (other) => accountIn(other, { of: 'all' }),
	'hand-over/account deliveryAccounts': (other) => deliveryAccounts(other),
	'hand-over/account listHanded': (other) =>
		listHanded(other, { delivery: null, before: null, limit: 9 }),
	'hand-over/asks keepAsk': (other) =>
		keep(other, key(), {
			type: 'asked',
			placeId: key(),
			mats: 2,
			size: null,
			byDay: today,
			note: null
		}),
	'hand-over/asks keepPromise': (other, { movement }) =>
		keep(other, key(), { type: 'promised', askId: movement, mats: 1 }),
	'hand-over/asks listAsks': (other) => listAsks(other, { today, timeZone: 'UTC' }),
	'hand-over/asks listWaiting': (other) => listWaiting(other, { today, timeZone: 'UTC' }),
	'hand-over/calendar handOverEvents': (other) => handOverEvents(other, 'Other', today),
	'hand-over/mat-story storyOfMat': (other, { code }) => storyOfMat(other, code),
	'hand-over/pillows keepPillow': (other) =>
		keep(other, key(), { type: 'pillow', scrapG: 5, bags: 0 }),
	'hand-over/pillows listPillows': (other) => listPillows(other),
	'hand-over/pillows pillowStore': (other) => pillowStore(other),
	'hand-over/tags tagsOf': (other, { code }) =>
		tagsOf(other, { mats: [code], delivery: code, origin: '', system: 'cm' }),
	'check/made-mats listToMend': (other) => listToMend(other),
	'check/checks oddMat': (other, { thing, code, plan }) =>
		oddMat(other, { id: thing, code, planId: plan.id, planVersion: plan.version }),
	'check/checks keepTeaches': (other, { code }) =>
		keep(other, key(), { type: 'teaches', mat: code, isSo: true }),
	'check/taken-apart filmInMat': (other, { thing }) => filmInMat(other, thing),
	'check/taken-apart keepUnwound': (other, { code }) =>
		keep(other, key(), { type: 'unwound', mat: code, strandG: 1 }),
	'making/mat-logs logsOf': async (other, { thing }) => [
		...(await logsOf(other, [{ id: thing, marks: 0, corrections: 0 }], { today, timeZone: 'UTC' }))
	],
	'making/mats readInHand': (other) => readInHand(other, { today, timeZone: 'UTC' }),
	'hand-over/asks asksBy': (other) => asksBy(other, { today, timeZone: 'UTC' }, async () => []),
	'db/cache markOf': (other) => markOf(other, markedTables),
	'season/film-in-store filmInStore': (other) => filmInStore(other),
	'season/season-plans plansOfSeason': (other) =>
		plansOfSeason(other, barePractice, { asks: [], plans: [] }),
	'season/season-plans toolsOfSeason': (other) => toolsOfSeason(other),
	'season/season-now readSeason': (other) => readSeason(other, { today, timeZone: 'UTC' }, 'other'),
	'season/foretold listForetold': (other) => listForetold(other, { today, timeZone: 'UTC' }),
	'season/foretold keepForetold': (other) => keep(other, key(), { type: 'foretold', byDay: today }),
	'season/words-to-people peopleToTell': (other) => peopleToTell(other),
	'season/words-to-people nextDayToTell': (other) => nextDayToTell(other, '2000-01-01', 0),
	'season/words-to-people keepWeekNote': (other) =>
		keep(other, key(), { type: 'week-note', words: 'x' }),
	'season/words-to-people keepDayWord': (other, { day }) =>
		keep(other, key(), { type: 'day-word', dayId: day }),
	'today/today readTold': (other) => readTold(other, { today, timeZone: 'UTC' }),
	'today/today isAnythingKept': (other) => isAnythingKept(other),
	'today/film-strip stripOfToday': async (other) =>
		stripOfToday(other, await readSeason(other, { today, timeZone: 'UTC' }, 'other')),
	'today/today readToday': (other) =>
		readToday(other, { today, timeZone: 'UTC' }, new Date(`${today}T12:00:00Z`)),
	'season/season-now seasonNow': (other) => seasonNow(other, { today, timeZone: 'UTC' }),
	'people/people listPeopleNames': (other) => listPeopleNames(other),
	'know-how/practised practisedBy': (other, { personId }) => practisedBy(other, personId),
	'know-how/next-for nextFor': (other, { personId }) =>
		nextFor(other, personId, 'loops', '2026-12-01'),
	'know-how/practised keepPractised': (other, { personId }) =>
		keep(other, key(), { type: 'practised', personId, kind: 'seat', seed: 1, answer: 0 }),
	'know-how/own-things ownThings': (other) => ownThings(other),
	'gather/places listPlaceWords': (other) => listPlaceWords(other),
	'gather/places keepPlaceWords': (other) =>
		keepPlaceWords(other, {
			id: key(),
			version: 1,
			hours: null,
			stairs: null,
			ownRules: null,
			accepts: {}
		}),
	'gather/places listAccepting': (other) => listAccepting(other)
};

/** What is answered, where it is plain. */
export const answersOfHandOver: Readonly<Record<string, unknown>> = {
	'hand-over/deliver keepDeliver': refusedAt('place'),
	'hand-over/deliver keepReceived': refusedAt('delivery'),
	'hand-over/deliver keepSentBack': refusedAt('mat'),
	'hand-over/mat-sizes matSizes': [],
	'check/checks keepFinish': refusedAt('mat'),
	'check/checks keepMended': refusedAt('mat'),
	'check/checks keepCheck': refusedAt('mat'),
	'check/made-mats findMade': null,
	'hand-over/deliveries listReady': [],
	'hand-over/deliveries listDeliveries': [],
	'hand-over/deliveries findDelivery': null,
	'hand-over/account deliveryAccounts': [],
	'hand-over/account listHanded': [],
	'hand-over/asks keepAsk': refusedAt('place'),
	'hand-over/asks keepPromise': refusedAt('ask'),
	'hand-over/asks listAsks': [],
	'hand-over/asks listWaiting': [],
	'hand-over/calendar handOverEvents': [],
	'hand-over/mat-story storyOfMat': null,
	'hand-over/pillows keepPillow': refusedAt('scrap'),
	'hand-over/pillows listPillows': [],
	'hand-over/pillows pillowStore': { scrapG: 0, bags: 0, pillows: 0, usualG: 300 },
	'hand-over/tags tagsOf': [],
	'check/made-mats listToMend': [],
	'check/checks oddMat': null,
	'check/checks keepTeaches': refusedAt('mat'),
	'check/taken-apart filmInMat': 0,
	'check/taken-apart keepUnwound': refusedAt('mat'),
	'making/mat-logs logsOf': [],
	'making/mats readInHand': { mats: [], habits: [] },
	'hand-over/asks asksBy': [],
	'season/film-in-store filmInStore': [],
	'season/foretold listForetold': [],
	'season/words-to-people peopleToTell': [],
	'season/words-to-people nextDayToTell': null,
	'season/words-to-people keepWeekNote': refusedAt('words'),
	'season/words-to-people keepDayWord': refusedAt('day'),
	'people/people listPeopleNames': [],
	'know-how/practised practisedBy': [],
	// Whoever is not known begins where everybody does, on no day, beside nobody.
	'know-how/next-for nextFor': {
		act: 'sort',
		station: 'flatten',
		why: 'begin',
		day: null,
		beside: []
	},
	'know-how/practised keepPractised': refusedAt('person'),
	'season/season-plans toolsOfSeason': { loom: null, frame: null },
	'gather/places listPlaceWords': [],
	'gather/places listAccepting': [],
	'gather/places keepPlaceWords': refusedAt('hours')
};
