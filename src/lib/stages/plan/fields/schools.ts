import { yieldsOf } from '$lib/core/model/model';
import { totalSeconds } from '$lib/core/effort/stations';
import type { Practice } from '$lib/core/practice/practice';
import { coverGrade } from '$lib/core/techniques/cover-grade';
import { pointFor } from '$lib/core/model/known-for';
import type { Model } from '$lib/core/model/model';
import { modelPlan } from '$lib/core/model/model';
import type { Plan } from '$lib/core/model/types';
import { handleStrand } from '$lib/core/strand/handle-strand';
import { strandStrength } from '$lib/core/strand/strength';
import { pillowsFrom } from '$lib/core/finish/pillow';
import type { LengthSystem } from '$lib/core/units/format-length';
import { fieldLength } from '$lib/core/units/format-length';
import type { Changes } from './choices';
import { chooseStyle, chooseTechnique, suitedHook } from './choices';
import { fieldsOfPlan, readFields } from './';
import { figure, fixed, wholeNumber } from '$lib/ui/number-words';
import { fineWords, massWords, strandWords } from '$lib/ui/unit-words';

/** One school's way, with what it comes to for the bag on the bench. */
export interface School {
	readonly label: string;
	/** What taking it up changes; null where it changes nothing on the bench. */
	readonly changes: Changes | null;
	/** The figures that this question turns on, ready to read; null where the way cannot be made of this bag. */
	readonly figures: readonly string[] | null;
	/** What it makes of this bag, to be drawn beside the others; null where it is no way of making. */
	readonly made: { readonly plan: Plan; readonly model: Model } | null;
}

/** A question on which practised hands differ, with an even-handed word on it. */
export interface Question {
	readonly question: string;
	readonly note: string;
	readonly schools: readonly School[];
}

type Show = (model: Model, plan: Plan) => string[];

const bagsOf = (model: Model) => `${wholeNumber(Math.ceil(model.toCollect))} bags`;
const hoursOf = (model: Model) => `${figure(totalSeconds(model.seconds) / 3600)} h`;
const coverOf = ({ mat }: Model) =>
	`cover ${fixed(mat.cover, 2)}, ${coverGrade(mat.kind, mat.cover)}`;
const holdsOf = (model: Model) =>
	`holds ${wholeNumber(strandStrength(model.yield.solidSectionMm2).jointN)} N at a joint`;
const usual: Show = (model) => [bagsOf(model), hoursOf(model), coverOf(model)];

/** Whether two plans work the same strand by the same technique: what was chosen for the one suits the other. */
const isAlike = (one: Plan, other: Plan): boolean =>
	one.technique.kind === other.technique.kind &&
	Math.abs(yieldsOf(one, 1).cut.bulkDiameterMm - yieldsOf(other, 1).cut.bulkDiameterMm) < 0.01;

/** Where practitioners disagree, each with the figures of every school for the plan on the bench. */
export function schoolsFor(plan: Plan, system: LengthSystem, practice: Practice): Question[] {
	const fields = fieldsOfPlan(plan, system);
	const middle = pointFor(plan, practice);
	const school = (label: string, changes: Changes, show: Show = usual): School => {
		const typed = { ...fields, ...changes };
		const { plan: tried } = readFields(typed, system);
		if (!tried) return { label, changes, figures: null, made: null };
		// A school with a strand of its own is shown with the hook that suits it; else the hook stays as it is.
		const hook =
			tried.technique.kind === 'crochet' && !isAlike(tried, plan)
				? { hook: suitedHook(tried) }
				: {};
		const withHook = readFields({ ...typed, ...hook }, system).plan ?? tried;
		const model = modelPlan(withHook, middle);
		return {
			label,
			changes: { ...changes, ...hook },
			figures: show(model, withHook),
			made: { plan: withHook, model }
		};
	};
	/** A way that changes nothing about the mat. */
	const custom = (
		label: string,
		figures: readonly string[] | null,
		changes: Changes | null = null
	): School => ({ label, changes, figures, made: null });
	const mm = (value: number) => fieldLength(value, system, 'small');
	const strand = (value: number) => strandWords(value, system);
	const mass = (g: number) => massWords(g, system);
	const rings = (changes: Changes): Changes => ({
		...chooseStyle('', 'loops', system),
		...changes
	});
	const ownTrim = (value: number): Changes => ({
		trim: 'own',
		trim_bottom: mm(value),
		trim_top: mm(value)
	});
	const technique = (kind: Parameters<typeof chooseTechnique>[0]): Changes =>
		kind === plan.technique.kind ? {} : chooseTechnique(kind, fields, system);
	const now = modelPlan(plan, middle);
	const handles = handleStrand(plan.bag);
	const scrapG = now.mass.scrapG + now.mass.spoiledG;
	const stuffed = pillowsFrom(scrapG);

	const strips = [12, 22, 50, 75].map((width) =>
		school(mm(width), rings({ loops: 'measured', strip_width: mm(width) }), (model) => [
			...usual(model, plan),
			holdsOf(model)
		])
	);
	const shares = [
		['a quarter of the bag', '4'],
		['half of it', '2'],
		['the whole', '1']
	].map(([label = '', count = '1']) =>
		school(label, rings({ loops: 'equal', equal_strips: count }), (model) => [
			...usual(model, plan),
			holdsOf(model)
		])
	);
	const cutting: Show = (model) => [
		bagsOf(model),
		`${wholeNumber(Math.ceil(model.joints))} joints`,
		`cutting ${figure(model.seconds.cut / 3600)} h, joining ${figure(model.seconds.join / 3600)} h`
	];
	const trimming: Show = (model) => [
		bagsOf(model),
		`${mass(model.mass.scrapG)} of scrap`,
		`${strand(model.yield.strandPerBagMm)} a bag`
	];
	const turning: Show = ({ mat }) => [
		`${wholeNumber(mat.rows)} rows and as many turns`,
		`${figure(mat.makeSeconds / mat.rows / 60)} min a row`
	];
	const tying: Show = (model) => [
		`${strand(model.tieStrandMm)} of strand`,
		`${wholeNumber(Math.ceil(model.tieBags))} bags`
	];

	return [
		{
			question: 'How wide a strip',
			note: 'Narrow strips make a supple, close cloth and many joints; wide ones go fast, hold more and need a large hook. Both make good mats.',
			schools: [...strips, ...shares]
		},
		{
			question: 'Which cut',
			note: 'Rings join without knots to trim. A spiral has one knot a bag and takes longer to cut. Half bags waste no film. A whole tube is one wide ring: no measuring and fewer joints, but more bags, for its width only makes the strand thick.',
			schools: [
				school('rings', rings({}), cutting),
				school('spiral', chooseStyle('', 'spiral', system), cutting),
				school('half bags', chooseStyle('', 'half-bag', system), cutting),
				school('whole tubes', chooseStyle('', 'whole-tube', system), cutting)
			]
		},
		{
			question: 'How much to trim',
			note: 'A generous trim leaves no half-fused edge and gives stuffing for pillows; a close one makes more strand of each bag.',
			schools: [
				school('generous', ownTrim(50), trimming),
				school('close', ownTrim(12), trimming),
				school('none', ownTrim(0), trimming)
			]
		},
		{
			question: 'What scraps are for',
			note: 'All of it can stuff a pillow sent with the mat; unbroken handles chain into a thick strand; the rest goes to film recycling. Bag loose scraps at the table, they blow away.',
			schools: [
				custom('stuffing', [mass(scrapG), `${stuffed.pillows} pillows`]),
				custom(
					'handle strand',
					handles
						? [
								`${mass(handles.massG * now.toPrepare)} of handles`,
								`${strand(handles.strandPerBagMm * now.toPrepare)}, ${fineWords(handles.bulkDiameterMm, system)} thick`
							]
						: null
				),
				custom('recycling', [`up to ${mass(scrapG)}`])
			]
		},
		{
			question: 'Which technique',
			note: 'Crochet needs a hook and practice, and travels home. A peg loom seats up to four and is learned in an hour. A frame makes panels. Bands need nothing but hands.',
			schools: (['crochet', 'peg-loom', 'twined', 'finger-bands'] as const).map((kind) =>
				school(kind.replace('-', ' '), technique(kind))
			)
		},
		{
			question: 'Which way crochet runs',
			note: 'Across: short rows one can finish at a sitting. Lengthwise: a third of the turns, and stripes as long as the sleeper.',
			schools: (['across', 'lengthwise'] as const).map((direction) =>
				school(direction, { ...technique('crochet'), direction }, turning)
			)
		},
		{
			question: 'Weft ready-joined, or piece by piece',
			note: 'Joined balls go fast on a peg loom. On a twining frame each piece is joined as it is reached, because slack must be worked out of it.',
			schools: [
				custom('joined balls', [`${wholeNumber(Math.ceil(now.balls))} balls made beforehand`]),
				custom('piece by piece', [`${wholeNumber(Math.ceil(now.joints))} joints at the loom`])
			]
		},
		{
			question: 'How ties are made',
			note: 'Chains are quick for whoever has the hook in hand; braids take less strand and no hook. Some send none: a strip around the roll does.',
			schools: [
				school('chain and strap', { ties: 'chain', strap: 'yes' }, tying),
				school('braid and strap', { ties: 'braid', strap: 'yes' }, tying),
				school('chain, no strap', { ties: 'chain', strap: '' }, tying),
				school('none', { ties: 'none' }, tying)
			]
		},
		{
			question: 'Handles of whole tubes',
			note: 'Kept handles waste nothing and make a bulkier strand; cut ones lie flatter.',
			schools: (['cut', 'kept'] as const).map((handlesAre) =>
				school(
					handlesAre,
					{
						...technique('finger-bands'),
						...chooseStyle('', 'whole-tube', system),
						handles: handlesAre
					},
					(model) => [bagsOf(model), `${mass(model.mass.scrapG)} of scrap`]
				)
			)
		},
		{
			question: 'Warp of a frame',
			note: 'Film costs nothing; cloth holds better where panels are joined.',
			schools: (['film', 'cloth'] as const).map((warp) =>
				school(warp, { ...technique('twined'), warp }, (model) => [
					bagsOf(model),
					model.mat.kind === 'twined' && model.mat.clothM > 0
						? `${strand(model.mat.clothM * 1000)} of cloth to find`
						: 'no cloth'
				])
			)
		},
		{
			question: 'Colours',
			note: 'One colour reads calm, sorted stripes look chosen, and never the same twice uses whatever came.',
			schools: [
				custom('one colour', ['what the store has most of'], { colours: 'white' }),
				custom('sorted stripes', [`${wholeNumber(Math.ceil(now.balls))} balls to sort`], {
					colours: 'blue white grey white'
				}),
				custom('never the same twice', ['any ball, but not its own colour next'], {
					colours: 'white blue grey green yellow black clear red'
				})
			]
		}
	];
}
