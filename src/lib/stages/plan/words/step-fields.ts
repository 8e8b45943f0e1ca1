import type { FieldName } from '$lib/stages/plan/fields';
import type { StepName } from './step-lines';
import { stepNames } from './step-lines';

/** The fields that a step holds. */
export const fieldsOfStep: Readonly<Record<StepName, readonly FieldName[]>> = {
	size: ['mat_width', 'mat_length', 'sleeper_height'],
	bag: ['bag_width', 'bag_gusset', 'bag_body', 'bag_handle', 'handful_g', 'handful_count', 'mix'],
	cut: [
		'trim',
		'trim_bottom',
		'trim_top',
		'strip_width',
		'equal_strips',
		'margin',
		'stack_bags',
		'stack_folds'
	],
	join: ['bags_per_ball', 'joint'],
	technique: [
		'hook',
		'pitch',
		'pegs',
		'peg_to_peg',
		'nails',
		'end_gap',
		'cloth_width',
		'frame_width',
		'frame_length',
		'weft_trim',
		'weft_trim_bottom',
		'weft_trim_top',
		'weft_strip_width',
		'weft_equal_strips',
		'weft_margin'
	],
	finish: ['ties', 'strap', 'tie_count', 'tie_length', 'strap_length']
};

/** The first field in the order of the work that stands among some; null where none does. */
export function firstOf(
	among: Partial<Record<FieldName, unknown>>
): { readonly step: StepName; readonly field: FieldName } | null {
	for (const step of stepNames)
		for (const field of fieldsOfStep[step]) if (among[field]) return { step, field };
	return null;
}
