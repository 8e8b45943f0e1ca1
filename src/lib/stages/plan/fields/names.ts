import type { PlanPath } from '$lib/core/model/limits';
import { defaults } from '$lib/core/defaults';
import type { LengthScale } from '$lib/core/units/format-length';

/** The fields of one cut; a loom's weft has the same ones under a prefix. */
export type CutPrefix = '' | 'weft_';

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
	strip_width: { scale: 'small', path: 'cut.strip_width_mm' },
	margin: { scale: 'small', path: 'cut.margin_mm' },
	pitch: { scale: 'small', path: 'technique.pitch_mm' },
	peg_to_peg: { scale: 'mat', path: 'technique.peg_to_peg_mm' },
	end_gap: { scale: 'small', path: 'technique.end_gap_mm' },
	frame_width: { scale: 'mat', path: 'technique.frame_width_mm' },
	frame_length: { scale: 'mat', path: 'technique.frame_length_mm' },
	cloth_width: { scale: 'mat', path: 'technique.cloth_width_mm' },
	tie_length: { scale: 'mat', path: 'finish.tie_length_mm' },
	strap_length: { scale: 'mat', path: 'finish.strap_length_mm' },
	weft_trim_bottom: { scale: 'small', path: 'technique.weft_cut.trim_bottom_mm' },
	weft_trim_top: { scale: 'small', path: 'technique.weft_cut.trim_top_mm' },
	weft_strip_width: { scale: 'small', path: 'technique.weft_cut.strip_width_mm' },
	weft_margin: { scale: 'small', path: 'technique.weft_cut.margin_mm' }
} as const satisfies Record<string, { scale: LengthScale; path: PlanPath }>;
export type LengthFieldName = keyof typeof lengthFields;

const otherFields = [
	'bag_preset',
	'handful_g',
	'handful_count',
	// Further kinds of bag, as one text.
	'mix',
	'style',
	'trim',
	'loops',
	'equal_strips',
	'handles',
	'weft_style',
	'weft_trim',
	'weft_loops',
	'weft_equal_strips',
	'weft_handles',
	'joint',
	'hands',
	'spin',
	'technique',
	'stitch',
	'hook',
	// Hooks there are, mm, with spaces between; empty for any in common use.
	'hooks',
	'direction',
	'loom',
	'pegs',
	'nails',
	'packing',
	'double_edges',
	'short_piece',
	'ends',
	'far_first_pass',
	'warp',
	'frame',
	'band_strands',
	'cutting_tool',
	'bags_per_ball',
	'stack_bags',
	'stack_folds',
	'colours',
	'ties',
	'strap',
	'tie_count',
	// What the lengths are to the tenth of a millimetre, where a sixteenth of an inch says less.
	'exact'
] as const;
export type FieldName = LengthFieldName | (typeof otherFields)[number];
export const fieldNames = [...Object.keys(lengthFields), ...otherFields] as FieldName[];

/** What stands in the fields of the bench, as typed. */
export type Fields = Record<FieldName, string>;

/** Which field a value of a plan is typed in. */
export const fieldOfPath: Readonly<Record<PlanPath | 'join.kind', FieldName>> = {
	...(Object.fromEntries(
		Object.entries(lengthFields).map(([field, { path }]) => [path, field])
	) as Record<PlanPath, FieldName>),
	'bag.mass_g': 'handful_g',
	'mix.amount': 'mix',
	'cut.equal_strips': 'equal_strips',
	'technique.weft_cut.equal_strips': 'weft_equal_strips',
	'technique.hook_mm': 'hook',
	'technique.pegs': 'pegs',
	'technique.nails': 'nails',
	'technique.warp_strands': 'band_strands',
	'work.bags_per_ball': 'bags_per_ball',
	'work.stack_bags': 'stack_bags',
	'work.stack_folds': 'stack_folds',
	'finish.tie_count': 'tie_count',
	'join.kind': 'joint'
};

export const trimSchools = {
	generous: defaults.generousTrim.value,
	close: defaults.closeTrim.value
} as const;
