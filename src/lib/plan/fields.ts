import type { BagPresetId } from '../core/bag/presets';
import { bagPresets, presetOf } from '../core/bag/presets';
import type { Stitch } from '../core/crochet/stitches';
import { defaults } from '../core/defaults';
import type { CuttingTool } from '../core/effort/stations';
import type { Finish } from '../core/finish/ties';
import type { PlanPath } from '../core/plan/limits';
import type { PlanProblem } from '../core/plan/plan-problems';
import { planProblems } from '../core/plan/plan-problems';
import type { Plan } from '../core/plan/types';
import { usualFinish, usualSleeperHeightMm, usualWork } from '../core/plan/types';
import type { LengthScale, LengthSystem } from '../core/units/format-length';
import { bareUnitOf, fieldLength, trimmed } from '../core/units/format-length';
import type { LengthProblem } from '../core/units/parse-length';
import { parseLength } from '../core/units/parse-length';
import type { MassProblem } from '../core/units/parse-mass';
import { parseMass } from '../core/units/parse-mass';

/** The fields that hold a length, how long such a thing is usually, and where it goes in a plan. */
export const lengthFields = {
	mat_width: { scale: 'mat', path: 'target.width_mm' },
	mat_length: { scale: 'mat', path: 'target.length_mm' },
	sleeper_height: { scale: 'mat', path: 'sleeper_height_mm' },
	bag_width: { scale: 'bag', path: 'bag.flat_width_mm' },
	bag_gusset: { scale: 'small', path: 'bag.gusset_mm' },
	bag_body: { scale: 'bag', path: 'bag.body_mm' },
	bag_handle: { scale: 'bag', path: 'bag.handle_mm' },
	trim_bottom: { scale: 'small', path: 'cut.trim_bottom_mm' },
	trim_top: { scale: 'small', path: 'cut.trim_top_mm' },
	strip_width: { scale: 'small', path: 'cut.strip_width_mm' }
} as const satisfies Record<string, { scale: LengthScale; path: PlanPath }>;
export type LengthFieldName = keyof typeof lengthFields;

const otherFields = [
	'bag_preset',
	'handful_g',
	'handful_count',
	'trim',
	'loops',
	'equal_strips',
	'stitch',
	'hook',
	'direction',
	'cutting_tool',
	'bags_per_ball',
	'ties',
	'strap'
] as const;
export type FieldName = LengthFieldName | (typeof otherFields)[number];
export const fieldNames = [...Object.keys(lengthFields), ...otherFields] as FieldName[];

/** What stands in the fields of the bench, as typed. */
export type Fields = Record<FieldName, string>;

export type FieldProblem =
	| LengthProblem
	| MassProblem
	| PlanProblem
	| { readonly code: 'not-a-number'; readonly part: string };

export interface Reading {
	/** The plan the fields describe; null while any of them is not understood or out of bounds. */
	readonly plan: Plan | null;
	readonly problems: Partial<Record<FieldName, FieldProblem>>;
}

const fieldOfPath: Readonly<Record<PlanPath, FieldName>> = {
	...(Object.fromEntries(
		Object.entries(lengthFields).map(([field, { path }]) => [path, field])
	) as Record<PlanPath, FieldName>),
	'bag.mass_g': 'handful_g',
	'cut.equal_strips': 'equal_strips',
	'technique.hook_mm': 'hook',
	'work.bags_per_ball': 'bags_per_ball'
};

export const trimSchools = {
	generous: defaults.generousTrim.value,
	close: defaults.closeTrim.value
} as const;

/** Reads one word out of a few; the first where it is none of them, as a browser shows it. */
const oneOf = <Word extends string>(text: string, words: readonly [Word, ...Word[]]): Word =>
	words.find((word) => word === text) ?? words[0];

/** Fields to plan. Everything is read, so that every field that needs it gets its sentence at once. */
export function readFields(fields: Fields, system: LengthSystem): Reading {
	const problems: Partial<Record<FieldName, FieldProblem>> = {};
	const length = (field: LengthFieldName): number => {
		const read = parseLength(fields[field], bareUnitOf(system, lengthFields[field].scale));
		if (read.problem) problems[field] = read.problem;
		return read.mm ?? NaN;
	};
	const number = (field: FieldName): number => {
		const text = fields[field].trim();
		if (text === '') problems[field] = { code: 'empty' };
		else if (!/^-?\d+([.,]\d+)?$/.test(text))
			problems[field] = { code: 'not-a-number', part: text };
		return Number(text.replace(',', '.'));
	};
	const massOfOne = (): number => {
		const read = parseMass(fields.handful_g);
		if (read.problem) problems.handful_g = read.problem;
		const count = number('handful_count');
		if (!problems.handful_count && !(Number.isInteger(count) && count >= 1 && count <= 1000)) {
			problems.handful_count = { code: 'not-a-number', part: fields.handful_count };
		}
		return (read.g ?? NaN) / count;
	};

	const preset = bagPresets.find(({ id }) => id === fields.bag_preset);
	const isOwnTrim = fields.trim === 'own';
	const trimMm = trimSchools[oneOf(fields.trim, ['generous', 'close'])];
	const isEqual = fields.loops === 'equal';
	const plan: Plan = {
		bag: preset?.bag ?? {
			flatWidthMm: length('bag_width'),
			gussetMm: length('bag_gusset'),
			bodyMm: length('bag_body'),
			handleMm: length('bag_handle'),
			massG: massOfOne()
		},
		cut: {
			style: 'loops',
			trimBottomMm: isOwnTrim ? length('trim_bottom') : trimMm,
			trimTopMm: isOwnTrim ? length('trim_top') : trimMm,
			...(isEqual
				? { equalStrips: number('equal_strips') }
				: { stripWidthMm: length('strip_width') })
		},
		target: { widthMm: length('mat_width'), lengthMm: length('mat_length') },
		technique: {
			kind: 'crochet',
			stitch: oneOf<Stitch>(fields.stitch, ['sc', 'hdc', 'dc']),
			hookMm: number('hook'),
			direction: oneOf<'across' | 'lengthwise'>(fields.direction, ['across', 'lengthwise'])
		},
		finish: {
			ties: oneOf<Finish['ties']>(fields.ties, ['chain', 'braid', 'none']),
			hasStrap: fields.strap === 'yes'
		},
		work: {
			cuttingTool: oneOf<CuttingTool>(fields.cutting_tool, ['scissors', 'rolling-blade']),
			bagsPerBall: number('bags_per_ball')
		},
		sleeperHeightMm: length('sleeper_height')
	};
	if (Object.keys(problems).length > 0) return { plan: null, problems };

	for (const problem of planProblems(plan)) {
		const field =
			problem.path === 'cut.trim_bottom_mm' || problem.path === 'cut.trim_top_mm'
				? isOwnTrim
					? fieldOfPath[problem.path]
					: 'trim'
				: fieldOfPath[problem.path];
		problems[field] ??= problem;
	}
	return { plan: Object.keys(problems).length > 0 ? null : plan, problems };
}

/** Plan to fields, in the units a group reads. */
export function fieldsOfPlan(plan: Plan, system: LengthSystem): Fields {
	const { bag, cut, target, technique } = plan;
	const work = plan.work ?? usualWork;
	const finish = plan.finish ?? usualFinish;
	const length = (field: LengthFieldName, mm: number) =>
		fieldLength(mm, system, lengthFields[field].scale);
	const usable = bag.bodyMm - cut.trimBottomMm - cut.trimTopMm;
	const isSchool = (mm: number) => cut.trimBottomMm === mm && cut.trimTopMm === mm;
	const trim = isSchool(trimSchools.generous)
		? 'generous'
		: isSchool(trimSchools.close)
			? 'close'
			: 'own';
	return {
		mat_width: length('mat_width', target.widthMm),
		mat_length: length('mat_length', target.lengthMm),
		sleeper_height: length('sleeper_height', plan.sleeperHeightMm ?? usualSleeperHeightMm),
		bag_preset: (presetOf(bag) satisfies BagPresetId | null) ?? 'own',
		...bagFields(bag, system),
		trim,
		trim_bottom: length('trim_bottom', cut.trimBottomMm),
		trim_top: length('trim_top', cut.trimTopMm),
		loops: cut.equalStrips === undefined ? 'measured' : 'equal',
		strip_width: length('strip_width', cut.stripWidthMm ?? usable / (cut.equalStrips ?? 1)),
		equal_strips: String(
			cut.equalStrips ?? Math.max(1, Math.round(usable / (cut.stripWidthMm ?? usable)))
		),
		stitch: technique.stitch,
		hook: trimmed(technique.hookMm, 2),
		direction: technique.direction ?? 'across',
		cutting_tool: work.cuttingTool,
		bags_per_ball: String(work.bagsPerBall),
		ties: finish.ties,
		strap: finish.hasStrap ? 'yes' : ''
	};
}

/** A bag's measures as fields; its mass as that of a handful of ten, which is how it is weighed. */
export function bagFields(bag: Plan['bag'], system: LengthSystem) {
	return {
		bag_width: fieldLength(bag.flatWidthMm, system, 'bag'),
		bag_gusset: fieldLength(bag.gussetMm, system, 'small'),
		bag_body: fieldLength(bag.bodyMm, system, 'bag'),
		bag_handle: fieldLength(bag.handleMm, system, 'bag'),
		handful_g: `${trimmed(bag.massG * 10, 3)} g`,
		handful_count: '10'
	};
}

/** The same lengths in other units; a field that is not understood stays as it was typed. */
export function convertFields(fields: Fields, from: LengthSystem, to: LengthSystem): Fields {
	const converted = { ...fields };
	for (const field of Object.keys(lengthFields) as LengthFieldName[]) {
		const { scale } = lengthFields[field];
		const { mm } = parseLength(fields[field], bareUnitOf(from, scale));
		if (mm !== undefined && mm >= 0) converted[field] = fieldLength(mm, to, scale);
	}
	return converted;
}
