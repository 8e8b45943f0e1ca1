import { nearestHookMm, suitableHookMm } from '$lib/core/techniques/crochet/hooks';
import type { CutStyle } from '$lib/core/cut/types';
import { usualJoint } from '$lib/core/cut/joint-for-cut';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import { yieldsOf } from '$lib/core/model/yields';
import type { Plan } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fieldLength, trimmed } from '$lib/core/units/format-length';
import type { CutPrefix, FieldName, Fields } from './';

/** What a choice changes in the fields beside itself, so that what follows starts sensibly. */
export type Changes = Partial<Record<FieldName, string>>;

const small = (mm: number, system: LengthSystem) => fieldLength(mm, system, 'small');

/** Another cut: an open strip is knotted and cut wider than a ring. */
export function chooseStyle(prefix: CutPrefix, style: CutStyle, system: LengthSystem): Changes {
	const changes: Changes = { [`${prefix}style`]: style };
	if (style === 'spiral') changes[`${prefix}strip_width`] = small(40, system);
	if (style === 'loops') changes[`${prefix}loops`] = 'equal';
	if (prefix === '') changes.joint = usualJoint(style);
	return changes;
}

/** Another technique: the cut it is usually made of comes with it. */
export function chooseTechnique(
	kind: TechniqueKind,
	fields: Fields,
	system: LengthSystem
): Changes {
	const changes: Changes = { technique: kind };
	switch (kind) {
		case 'crochet':
			if (fields.style === 'whole-tube') {
				Object.assign(changes, chooseStyle('', 'loops', system), { equal_strips: '4' });
			}
			break;
		case 'peg-loom':
			if (fields.style !== 'half-bag')
				Object.assign(changes, chooseStyle('', 'whole-tube', system));
			Object.assign(changes, {
				weft_style: 'loops',
				weft_loops: 'equal',
				weft_equal_strips: '2',
				weft_trim: fields.trim,
				weft_trim_bottom: fields.trim_bottom,
				weft_trim_top: fields.trim_top,
				pitch: small(25, system)
			});
			break;
		case 'twined':
			if (fields.style === 'whole-tube' || fields.style === 'half-bag')
				Object.assign(changes, chooseStyle('', 'loops', system), { equal_strips: '6' });
			changes.pitch = small(14, system);
			break;
		case 'finger-bands':
			Object.assign(changes, chooseStyle('', 'whole-tube', system));
			break;
	}
	return changes;
}

/** The hook in common use that suits a plan's strand best, as the field has it. */
export function suitedHook(plan: Plan): string {
	const { near, far } = suitableHookMm(yieldsOf(plan, 1).cut.bulkDiameterMm);
	return trimmed(nearestHookMm((near + far) / 2), 2);
}

/**
 * The hook after a change: where it was the one that suited, it stays the one that suits; a hook
 * chosen on purpose stays as it is.
 */
export function followHook(before: Plan, after: Plan, hook: string): string {
	if (after.technique.kind !== 'crochet') return hook;
	return suitedHook(before) === hook ? suitedHook(after) : hook;
}
