import { defaults } from '../../defaults';
import { within } from '../../domain-error';
import { noFactors } from '../../factors/factors';
import { crochetRelations as relations } from './crochet-relations';
import { nearestHookMm } from './hooks';
import type { Stitch } from './stitches';
import { stitches } from './stitches';

/** What a hook is chosen for: closeness above all, most mats, or open and lumpy work. */
export const hookIntents = ['dense', 'usual', 'loose'] as const;
export type HookIntent = (typeof hookIntents)[number];

interface IntentRange {
	readonly least: number;
	readonly aim: number;
	readonly most: number;
}

/** Hook over bulk diameter, by intent. @source bench default */
export const intentRanges: Readonly<Record<HookIntent, IntentRange>> = {
	dense: {
		least: defaults.hookDenseLeast.value,
		aim: defaults.hookDenseAim.value,
		most: defaults.hookNear.value
	},
	usual: {
		least: defaults.hookNear.value,
		aim: defaults.hookUsualAim.value,
		most: defaults.hookFar.value
	},
	loose: {
		least: defaults.hookFar.value,
		aim: defaults.hookLooseAim.value,
		most: defaults.hookLooseMost.value
	}
};

export interface HookForIntent {
	/** Hooks that serve the intent, mm. */
	readonly fromMm: number;
	readonly toMm: number;
	/** Of those there are, the nearest to the aim, mm, and over the bulk diameter. */
	readonly hookMm: number;
	readonly ratio: number;
	/** Whether that hook serves the intent. */
	readonly isInRange: boolean;
	readonly cover: number;
	/**
	 * Strand for a square metre, mm, each stitch taken over the effective size, as the worked cases have it; a
	 * mat's own strand takes it over the stitch width, and so is 1.27 times as much.
	 */
	readonly strandPerM2Mm: number;
	/** Stitches, and time at the craft's pace, s: for a square metre. */
	readonly stitchesPerM2: number;
	readonly secondsPerM2: number;
}

/** What may be asked of hooks. */
export const hookLimits = { bulkDiameterMm: { atLeast: 0.5, atMost: 15 } } as const;

/**
 * The intent a hook serves with a strand; `drags` below all of them, where joints will not pass, and
 * `net` above, where a mat is one.
 *
 * @throws DomainError
 * @example [intentOf(8, 3.454), intentOf(3, 3.454), intentOf(25, 3.454)] // ['usual', 'drags', 'net']
 */
export function intentOf(hookMm: number, bulkDiameterMm: number): HookIntent | 'drags' | 'net' {
	const ratio =
		within('hookMm', hookMm, { moreThan: 0 }) /
		within('bulkDiameterMm', bulkDiameterMm, { moreThan: 0 });
	if (ratio < intentRanges.dense.least - 1e-9) return 'drags';
	return hookIntents.find((intent) => ratio <= intentRanges[intent].most + 1e-9) ?? 'net';
}

/**
 * For each intent the hook nearest to its aim, the smaller on a tie, and what a square metre of it takes.
 *
 * @param bulkDiameterMm of the strand, 0.5 to 15
 * @param owned hooks there are, mm; all in common use if not given
 * @throws DomainError
 * @source bench default
 * @example hooksFor(8.7042, 'sc', [6, 9, 15, 19, 30]).loose.hookMm // 30
 */
export function hooksFor(
	bulkDiameterMm: number,
	stitch: Stitch,
	owned?: readonly number[]
): Record<HookIntent, HookForIntent> {
	within('strandMm', bulkDiameterMm, hookLimits.bulkDiameterMm);
	for (const mm of owned ?? []) within('own', mm, { moreThan: 0 });
	const forIntent = (intent: HookIntent): HookForIntent => {
		const { least, aim, most } = intentRanges[intent];
		const hookMm = nearestHookMm(aim * bulkDiameterMm, owned);
		const ratio = hookMm / bulkDiameterMm;
		return {
			fromMm: least * bulkDiameterMm,
			toMm: most * bulkDiameterMm,
			hookMm,
			ratio,
			isInRange: ratio >= least - 1e-9 && ratio <= most + 1e-9,
			...squareMetre(hookMm, bulkDiameterMm, stitch)
		};
	};
	return { dense: forIntent('dense'), usual: forIntent('usual'), loose: forIntent('loose') };
}

/**
 * What a square metre of a stitch takes with a hook.
 *
 * @throws DomainError
 * @example squareMetre(8, 3.4537, 'sc').stitchesPerM2 // 11517
 */
export function squareMetre(hookMm: number, bulkDiameterMm: number, stitch: Stitch) {
	within('hookMm', hookMm, { moreThan: 0 });
	within('bulkDiameterMm', bulkDiameterMm, { moreThan: 0 });
	const { rowHeight, strand, seconds } = stitches[stitch];
	const sizeMm = relations.sizeMm(hookMm, bulkDiameterMm);
	const stitchWidthMm = relations.stitchWidthMm(sizeMm, noFactors.stitchWidth);
	const rowHeightMm = relations.rowHeightMm(rowHeight, sizeMm, noFactors.rowHeight);
	const strandMm = relations.strandPerStitchMm(strand, stitchWidthMm, noFactors.strandPerStitch);
	const stitchesPerM2 = 1_000_000 / (stitchWidthMm * rowHeightMm);
	return {
		cover: relations.cover(strandMm, bulkDiameterMm, stitchWidthMm, rowHeightMm),
		strandPerM2Mm: strand * sizeMm * stitchesPerM2,
		stitchesPerM2,
		secondsPerM2: seconds * stitchesPerM2
	};
}
