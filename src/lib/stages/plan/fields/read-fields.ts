import { bagPresets } from '$lib/core/bag/presets';
import type { ColourName } from '$lib/core/colour/colours';
import { colourNames } from '$lib/core/colour/colours';
import type { Cut } from '$lib/core/cut/types';
import type { Technique } from '$lib/core/techniques/technique';
import { mostColours, planLimits } from '$lib/core/model/limits';
import { isJointFor } from '$lib/core/cut/joint-for-cut';
import { planProblems } from '$lib/core/model/plan-problems';
import type { Plan } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { CutPrefix, FieldName, Fields } from './names';
import { fieldOfPath, trimSchools } from './names';
import type { FieldProblems } from './reader';
import { readMix } from './mix-field';
import { FieldReader } from './reader';

export interface Reading {
	/** The plan the fields describe; null while any of them is not understood or out of bounds. */
	readonly plan: Plan | null;
	readonly problems: FieldProblems;
}

function readCut(read: FieldReader, prefix: CutPrefix): Cut {
	const style = read.word(`${prefix}style`, ['loops', 'spiral', 'half-bag', 'whole-tube']);
	if (style === 'half-bag') return { style };
	const isOwn = read.fields[`${prefix}trim`] === 'own';
	const school = trimSchools[read.word(`${prefix}trim`, ['generous', 'close'])];
	const trims = {
		trimBottomMm: isOwn ? read.length(`${prefix}trim_bottom`) : school,
		trimTopMm: isOwn ? read.length(`${prefix}trim_top`) : school
	};
	if (style === 'whole-tube')
		return { style, ...trims, handles: read.word(`${prefix}handles`, ['cut', 'kept']) };
	if (style === 'spiral')
		return {
			style,
			...trims,
			stripWidthMm: read.length(`${prefix}strip_width`),
			marginMm: read.length(`${prefix}margin`)
		};
	return {
		style,
		...trims,
		...(read.fields[`${prefix}loops`] === 'equal'
			? { equalStrips: read.number(`${prefix}equal_strips`) }
			: { stripWidthMm: read.length(`${prefix}strip_width`) })
	};
}

function readTechnique(read: FieldReader): Technique {
	switch (read.word('technique', ['crochet', 'peg-loom', 'twined', 'finger-bands'])) {
		case 'crochet':
			return {
				kind: 'crochet',
				stitch: read.word('stitch', ['sc', 'hdc', 'dc']),
				hookMm: read.number('hook'),
				...readHooks(read.fields.hooks),
				direction: read.word('direction', ['across', 'lengthwise'])
			};
		case 'peg-loom':
			return {
				kind: 'peg-loom',
				pitchMm: read.length('pitch'),
				...(read.fields.loom === 'own' && {
					pegs: read.number('pegs'),
					pegToPegMm: read.length('peg_to_peg')
				}),
				endGapMm: read.length('end_gap'),
				packing: read.word('packing', ['firm', 'medium', 'loose']),
				doubleEdges: read.isYes('double_edges'),
				weftCut: readCut(read, 'weft_'),
				shortPiece: read.word('short_piece', ['end', 'middle']),
				ends: read.word('ends', ['one', 'both']),
				farFirstPass: read.word('far_first_pass', ['over', 'under'])
			};
		case 'twined': {
			const warp = read.word('warp', ['cloth', 'film']);
			return {
				kind: 'twined',
				pitchMm: read.length('pitch'),
				warp,
				...(warp === 'cloth' && { clothWidthMm: read.length('cloth_width') }),
				...(read.fields.frame === 'own' && {
					frameWidthMm: read.length('frame_width'),
					frameLengthMm: read.length('frame_length'),
					...((read.fields.nails ?? '').trim() !== '' && { nails: read.number('nails') })
				})
			};
		}
		case 'finger-bands':
			return { kind: 'finger-bands', warpStrands: Number(read.word('band_strands', ['3', '4'])) };
	}
}

/** Hooks there are, in millimetres with spaces between; what is no hook is left out. */
function readHooks(text: string): { hooksMm?: number[] } {
	const hooksMm = [...new Set((text ?? '').split(/\s+/).map(Number))].filter(
		(mm) =>
			mm >= planLimits['technique.hook_mm'].atLeast && mm <= planLimits['technique.hook_mm'].atMost
	);
	return hooksMm.length > 0 ? { hooksMm: hooksMm.slice(0, 40) } : {};
}

/** Names of colours, in order, with spaces between; what is no colour is left out. */
const readColours = (text: string): ColourName[] =>
	text
		.split(/\s+/)
		.filter((word): word is ColourName => colourNames.some((name) => name === word))
		.slice(0, mostColours);

/** Fields to plan. Everything is read, so that every field that needs it gets its sentence at once. */
export function readFields(fields: Fields, system: LengthSystem): Reading {
	const read = new FieldReader(fields, system);
	const { problems } = read;
	/** What may stay empty: it is then as usual. */
	const isSaid = (field: FieldName) => (fields[field] ?? '').trim() !== '';
	const preset = bagPresets.find(({ id }) => id === fields.bag_preset);
	const cut = readCut(read, '');
	const colours = readColours(fields.colours);
	const mix = readMix(fields.mix ?? '');
	const kind = read.word('joint', ['loop', 'overhand', 'slit']);
	const plan: Plan = {
		bag: preset?.bag ?? {
			flatWidthMm: read.length('bag_width'),
			gussetMm: read.length('bag_gusset'),
			bodyMm: read.length('bag_body'),
			handleMm: read.length('bag_handle'),
			massG: read.massOfOne()
		},
		...(mix && { mix }),
		cut,
		target: { widthMm: read.length('mat_width'), lengthMm: read.length('mat_length') },
		technique: readTechnique(read),
		join: {
			// A joint that this cut cannot have gives way to the one that goes with it.
			kind: isJointFor(kind, cut.style) ? kind : 'overhand',
			hands: read.word('hands', ['drawn', 'wrists', 'tee']),
			spin: read.word('spin', ['none', 'single', 'two-ply'])
		},
		finish: {
			ties: read.word('ties', ['chain', 'braid', 'none']),
			hasStrap: read.isYes('strap'),
			...(isSaid('tie_count') && { tieCount: read.number('tie_count') }),
			...(isSaid('tie_length') && { tieLengthMm: read.length('tie_length') }),
			...(isSaid('strap_length') && { strapLengthMm: read.length('strap_length') })
		},
		work: {
			cuttingTool: read.word('cutting_tool', ['scissors', 'rolling-blade']),
			bagsPerBall: read.number('bags_per_ball'),
			...(isSaid('stack_bags') && { stackBags: read.number('stack_bags') }),
			...(isSaid('stack_folds') && { stackFolds: read.number('stack_folds') })
		},
		sleeperHeightMm: read.length('sleeper_height'),
		...(colours.length > 0 && { colours })
	};
	if (Object.keys(problems).length > 0) return { plan: null, problems };

	for (const problem of planProblems(plan)) {
		const isTrim = /trim_(bottom|top)_mm$/.test(problem.path);
		const prefix: CutPrefix = problem.path.startsWith('technique.weft_cut') ? 'weft_' : '';
		const isSchool = isTrim && fields[`${prefix}trim`] !== 'own';
		const field: FieldName = isSchool ? `${prefix}trim` : fieldOfPath[problem.path];
		problems[field] ??= problem;
	}
	return { plan: Object.keys(problems).length > 0 ? null : plan, problems };
}
