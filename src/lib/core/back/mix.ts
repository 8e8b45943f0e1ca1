import { ifInDomain, within } from '../domain-error';
import { totalSeconds } from '../effort/stations';
import type { Practice } from '../practice/practice';
import { pointFor } from '../model/known-for';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';

/** Bags of one kind and colour in the store, sorted and fit for strand. */
export interface StoredBags {
	readonly kind: string;
	readonly bag: Plan['bag'];
	/** How many of them, 0 or more. */
	readonly count: number;
}

/** A way to make a mat: a plan without its bag, under a name. */
export interface MixMethod {
	readonly name: string;
	readonly plan: Omit<Plan, 'bag'>;
	/** At most so many by this way: looms, hooks or hands there are; no limit if not given. */
	readonly atMost?: number | undefined;
}

/** One way with one kind of bag: what one mat takes. */
export interface MixChoice {
	readonly kind: string;
	readonly method: string;
	/** Bags to prepare for one mat; what sorting rejects is gone already. */
	readonly bags: number;
	readonly hours: number;
	readonly areaM2: number;
}

/** For most mats, or most area to lie on. */
export type MixGoal = 'mats' | 'area';

/**
 * The mix as an integer program: choose whole `x[i] ≥ 0` for each choice so that no kind of bag, no
 * hour and no method is used up, and the goal is largest. A touch of the other goal decides ties.
 */
export interface MixProgram {
	/** The goal counts mats, ties aside; else it adds up area, m². */
	readonly isCounted: boolean;
	readonly choices: readonly MixChoice[];
	readonly goal: readonly number[];
	readonly limits: readonly {
		readonly name: string;
		readonly weights: readonly number[];
		readonly atMost: number;
	}[];
}

/**
 * Sets up the mix for a store.
 *
 * @param hours there are, above 0; no limit if undefined
 * @throws DomainError where a count is out of its domain; a bag a method cannot use is left out
 * @example mixProgram([{ kind: 'Thin carrier', bag: bagPresets[0].bag, count: 2000 }], [{ name: 'single', plan: startingPlan }], 'mats', 90, barePractice).limits.map(({ name, atMost }) => [name, atMost]) // [['bags of Thin carrier', 2000], ['hours', 90]]
 */
export function mixProgram(
	store: readonly StoredBags[],
	methods: readonly MixMethod[],
	goal: MixGoal,
	hours: number | undefined,
	practice: Practice
): MixProgram {
	const choices: MixChoice[] = [];
	for (const { kind, bag, count } of store) {
		within('count', count, { atLeast: 0 });
		for (const { name, plan } of methods) {
			const choice = choiceOf(kind, name, { ...plan, bag }, practice);
			if (choice) choices.push(choice);
		}
	}
	const limits: MixProgram['limits'][number][] = store.map(({ kind, count }) => ({
		name: `bags of ${kind}`,
		weights: choices.map((choice) => (choice.kind === kind ? choice.bags : 0)),
		atMost: count
	}));
	if (hours !== undefined) {
		within('hours', hours, { moreThan: 0 });
		limits.push({ name: 'hours', weights: choices.map((choice) => choice.hours), atMost: hours });
	}
	for (const { name, atMost } of methods) {
		if (atMost === undefined) continue;
		within('atMost', atMost, { atLeast: 0, isWhole: true });
		limits.push({
			name: `mats by ${name}`,
			weights: choices.map((choice) => (choice.method === name ? 1 : 0)),
			atMost
		});
	}
	// Ties go to the larger mat, or to the one that leaves more bags.
	const most = Math.max(1, ...choices.map((choice) => choice.bags));
	return {
		isCounted: goal === 'mats',
		choices,
		goal: choices.map(({ areaM2, bags }) =>
			goal === 'mats' ? 1 + 1e-4 * areaM2 - (1e-4 * bags) / most : areaM2 - (1e-4 * bags) / most
		),
		limits
	};
}

const choiceOf = (kind: string, method: string, plan: Plan, practice: Practice): MixChoice | null =>
	ifInDomain(() => {
		const model = modelPlan(plan, pointFor(plan, practice));
		return {
			kind,
			method,
			bags: model.toPrepare,
			hours: totalSeconds(model.seconds) / 3600,
			areaM2: (model.mat.widthMm * model.mat.lengthMm) / 1e6
		};
	});

export interface Mix {
	/** What to make: each choice with how many, the idle ones left out. */
	readonly made: readonly (MixChoice & { readonly mats: number })[];
	readonly mats: number;
	readonly areaM2: number;
	readonly hours: number;
	/** Bags left of each kind. */
	readonly left: Readonly<Record<string, number>>;
}

/**
 * Reads a solution back; whole counts in the order of the program's choices.
 *
 * @example mixOf(mixProgram([{ kind: 'Thin carrier', bag: bagPresets[0].bag, count: 2000 }], [{ name: 'single', plan: startingPlan }], 'mats', undefined, barePractice), [2], [{ kind: 'Thin carrier', bag: bagPresets[0].bag, count: 2000 }]).mats // 2
 */
export function mixOf(
	program: MixProgram,
	counts: readonly number[],
	store: readonly StoredBags[]
): Mix {
	const made = program.choices
		.map((choice, index) => ({ ...choice, mats: Math.round(counts[index] ?? 0) }))
		.filter(({ mats }) => mats > 0);
	const sum = (value: (one: (typeof made)[number]) => number) =>
		made.reduce((total, one) => total + one.mats * value(one), 0);
	return {
		made,
		mats: sum(() => 1),
		areaM2: sum((one) => one.areaM2),
		hours: sum((one) => one.hours),
		left: Object.fromEntries(
			store.map(({ kind, count }) => [
				kind,
				Math.max(0, count - sum((one) => (one.kind === kind ? one.bags : 0)))
			])
		)
	};
}
