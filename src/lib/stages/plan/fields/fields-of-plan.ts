import type { BagPresetId } from '$lib/core/bag/presets';
import { presetOf } from '$lib/core/bag/presets';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { Cut } from '$lib/core/cut/types';
import { trimsOf } from '$lib/core/cut/types';
import { defaults } from '$lib/core/defaults';
import { usualJoint } from '$lib/core/cut/joint-for-cut';
import type { Technique } from '$lib/core/techniques/technique';
import type { Plan } from '$lib/core/model/types';
import { usualFinish, usualSleeperHeightMm, usualWorkSetup } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fieldLength, trimmed } from '$lib/core/units/format-length';
import { fieldMass } from '$lib/core/units/format-mass';
import { bagFields, usualHandful } from '$lib/ui/bag-fields';
import { lengthsOf, writeExact } from './exact';
import { mixText } from './mix-field';
import type { CutPrefix, Fields, LengthFieldName } from './names';
import { lengthFields, trimSchools } from './names';

type Write = (field: LengthFieldName, mm: number) => string;

const writer =
	(system: LengthSystem): Write =>
	(field, mm) =>
		fieldLength(mm, system, lengthFields[field].scale);

/** What stands in the fields that a plan does not use, so that choosing them begins sensibly. */
const usualWeft: Cut = {
	style: 'loops',
	equalStrips: 4,
	trimBottomMm: defaults.generousTrim.value,
	trimTopMm: defaults.generousTrim.value
};

/** A cut as fields; a strip width that is not the plan's own is the one that its rings have. */
export function cutFields(cut: Cut, bag: Bag, system: LengthSystem, prefix: CutPrefix) {
	const write = writer(system);
	const { trimBottomMm, trimTopMm } = trimsOf(cut.style === 'half-bag' ? usualWeft : cut);
	const usableMm = Math.max(bag.bodyMm - trimBottomMm - trimTopMm, 1);
	const isSchool = (mm: number) => trimBottomMm === mm && trimTopMm === mm;
	const school = isSchool(trimSchools.generous)
		? 'generous'
		: isSchool(trimSchools.close)
			? 'close'
			: 'own';
	const equalStrips = cut.style === 'loops' ? cut.equalStrips : undefined;
	const stripMm = 'stripWidthMm' in cut ? cut.stripWidthMm : undefined;
	const strips = equalStrips ?? Math.max(1, Math.round(usableMm / (stripMm ?? usableMm / 4)));
	const marginMm = (cut.style === 'spiral' && cut.marginMm) || defaults.spiralMargin.value;
	return {
		[`${prefix}style`]: cut.style,
		[`${prefix}trim`]: school,
		[`${prefix}trim_bottom`]: write('trim_bottom', trimBottomMm),
		[`${prefix}trim_top`]: write('trim_top', trimTopMm),
		[`${prefix}loops`]: stripMm === undefined ? 'equal' : 'measured',
		[`${prefix}strip_width`]: write('strip_width', stripMm ?? usableMm / strips),
		[`${prefix}equal_strips`]: String(strips),
		[`${prefix}margin`]: write('margin', marginMm),
		[`${prefix}handles`]: (cut.style === 'whole-tube' && cut.handles) || 'cut'
	};
}

function techniqueFields(technique: Technique, plan: Plan, system: LengthSystem) {
	const write = writer(system);
	const loom = technique.kind === 'peg-loom' ? technique : null;
	const frame = technique.kind === 'twined' ? technique : null;
	const hooked = technique.kind === 'crochet' ? technique : null;
	const usualPitchMm = technique.kind === 'twined' ? 14 : 25;
	return {
		technique: technique.kind,
		stitch: hooked?.stitch ?? 'sc',
		hook: trimmed(hooked?.hookMm ?? 8, 2),
		hooks: (hooked?.hooksMm ?? []).map((mm) => trimmed(mm, 2)).join(' '),
		direction: hooked?.direction ?? 'across',
		loom: loom?.pegs === undefined && loom?.pegToPegMm === undefined ? 'free' : 'own',
		pegs: loom?.pegs === undefined ? '' : String(loom.pegs),
		nails: frame?.nails === undefined ? '' : String(frame.nails),
		peg_to_peg: write(
			'peg_to_peg',
			loom?.pegToPegMm ?? plan.target.lengthMm + 2 * (loom?.endGapMm ?? defaults.pegEndGap.value)
		),
		pitch: write('pitch', loom?.pitchMm ?? frame?.pitchMm ?? usualPitchMm),
		end_gap: write('end_gap', loom?.endGapMm ?? defaults.pegEndGap.value),
		packing: loom?.packing ?? 'firm',
		double_edges: loom?.doubleEdges === false ? '' : 'yes',
		short_piece: loom?.shortPiece ?? 'end',
		ends: loom?.ends ?? 'one',
		far_first_pass: loom?.farFirstPass ?? 'over',
		...cutFields(loom?.weftCut ?? usualWeft, plan.bag, system, 'weft_'),
		warp: frame?.warp ?? 'cloth',
		cloth_width: write('cloth_width', frame?.clothWidthMm ?? defaults.clothWidth.value),
		frame:
			frame?.frameWidthMm === undefined &&
			frame?.frameLengthMm === undefined &&
			frame?.nails === undefined
				? 'whole'
				: 'own',
		frame_width: write('frame_width', frame?.frameWidthMm ?? plan.target.widthMm),
		frame_length: write('frame_length', frame?.frameLengthMm ?? plan.target.lengthMm),
		band_strands: technique.kind === 'finger-bands' ? String(technique.warpStrands) : '3'
	};
}

/** Plan to fields, in the units a group reads. */
export function fieldsOfPlan(plan: Plan, system: LengthSystem): Fields {
	const fields = writtenFields(plan, system);
	if (system === 'cm') return fields;
	// Millimetres say a plan's lengths to the tenth; sixteenths do not, so they are remembered.
	const exact = writeExact(fields, lengthsOf(writtenFields(plan, 'cm'), 'cm'), system);
	return { ...fields, exact };
}

function writtenFields(plan: Plan, system: LengthSystem): Fields {
	const { bag, cut, target, technique } = plan;
	const work = plan.work ?? usualWorkSetup;
	const finish = plan.finish ?? usualFinish;
	const write = writer(system);
	return {
		mat_width: write('mat_width', target.widthMm),
		mat_length: write('mat_length', target.lengthMm),
		sleeper_height: write('sleeper_height', plan.sleeperHeightMm ?? usualSleeperHeightMm),
		bag_preset: (presetOf(bag) satisfies BagPresetId | null) ?? 'own',
		...bagFields(bag, system, usualHandful),
		mix: mixText(plan.mix),
		...cutFields(cut, bag, system, ''),
		joint: plan.join?.kind ?? usualJoint(cut.style),
		hands: plan.join?.hands ?? 'drawn',
		spin: plan.join?.spin ?? 'none',
		...techniqueFields(technique, plan, system),
		cutting_tool: work.cuttingTool,
		bags_per_ball: String(work.bagsPerBall),
		stack_bags: work.stackBags === undefined ? '' : String(work.stackBags),
		stack_folds: work.stackFolds === undefined ? '' : String(work.stackFolds),
		colours: (plan.colours ?? []).join(' '),
		ties: finish.ties,
		strap: finish.hasStrap ? 'yes' : '',
		tie_count: finish.tieCount === undefined ? '' : String(finish.tieCount),
		tie_length: finish.tieLengthMm === undefined ? '' : write('tie_length', finish.tieLengthMm),
		strap_length:
			finish.strapLengthMm === undefined ? '' : write('strap_length', finish.strapLengthMm),
		exact: ''
	} as Fields;
}

/** The same lengths in other units; a field that is not understood stays as it was typed. */
export function convertFields(fields: Fields, from: LengthSystem, to: LengthSystem): Fields {
	const converted = { ...fields };
	const lengths = lengthsOf(fields, from);
	const { handful_g: grams, ...millimetres } = lengths;
	for (const [field, mm] of Object.entries(millimetres) as [LengthFieldName, number][])
		converted[field] = fieldLength(mm, to, lengthFields[field].scale);
	if (grams !== undefined) converted.handful_g = fieldMass(grams, to);
	converted.exact = to === 'ft' ? writeExact(converted, lengths, to) : '';
	return converted;
}
