// What the bench keeps on this device: work not kept yet, and the pinned plans. Where the device
// keeps nothing (a private window, a full disk) the bench simply works without.
import { planProblems } from '$lib/core/model/plan-problems';
import type { Plan } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fieldNames, type Fields } from '$lib/stages/plan/fields';

/** A draft belongs to its tab, so that two tabs on one plan never mix; pins belong to the device. */
type Place = 'tab' | 'device';
const storeOf = (place: Place): Storage => (place === 'tab' ? sessionStorage : localStorage);

function read(place: Place, key: string): unknown {
	try {
		return JSON.parse(storeOf(place).getItem(key) ?? 'null');
	} catch {
		return null;
	}
}

function write(place: Place, key: string, value: unknown): void {
	try {
		if (value === null) storeOf(place).removeItem(key);
		else storeOf(place).setItem(key, JSON.stringify(value));
	} catch {
		// Nothing is lost that was kept; only this device's memory of unkept work.
	}
}

/** Work on one plan that is not kept yet. */
export interface Draft {
	readonly fields: Fields;
	readonly name: string;
	readonly system: LengthSystem;
	/** The version it began from. */
	readonly version: number;
}

const draftKey = (planId: string) => `nest-row draft ${planId}`;

export function readBenchDraft(planId: string): Draft | null {
	const draft = read('tab', draftKey(planId)) as Draft | null;
	const isWhole =
		typeof draft === 'object' &&
		draft !== null &&
		typeof draft.name === 'string' &&
		typeof draft.fields === 'object' &&
		fieldNames.every((field) => field === 'exact' || typeof draft.fields?.[field] === 'string');
	return isWhole
		? { ...draft, fields: { ...draft.fields, exact: draft.fields.exact ?? '' } }
		: null;
}

export const writeBenchDraft = (planId: string, draft: Draft | null): void =>
	write('tab', draftKey(planId), draft);

/** A plan put beside the one on the bench. */
export interface Pin {
	readonly name: string;
	readonly plan: Plan;
}

export const mostPins = 4;
const pinsKey = 'nest-row pins';

/** The pinned plans; one that cannot be made any more is left out. */
export function readPins(): Pin[] {
	const pins = read('device', pinsKey);
	if (!Array.isArray(pins)) return [];
	return (pins as Pin[])
		.filter((pin) => {
			try {
				return typeof pin.name === 'string' && planProblems(pin.plan).length === 0;
			} catch {
				return false;
			}
		})
		.slice(0, mostPins);
}

export const writePins = (pins: readonly Pin[]): void => write('device', pinsKey, pins);
