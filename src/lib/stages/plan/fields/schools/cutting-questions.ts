import { handleStrand } from '$lib/core/strand/handle-strand';
import { pillowsFrom } from '$lib/core/finish/pillow';
import { figure, wholeNumber } from '$lib/ui/number-words';
import { fineWords } from '$lib/ui/unit-words';
import { chooseStyle } from '../choices';
import { bagsOf, holdsOf, usual } from './ways';
import type { Question, Show, Ways } from './ways';

/** On strips, cuts and trims, and on what is cut off. */
export function cuttingQuestions({
	plan,
	system,
	now,
	school,
	custom,
	rings,
	ownTrim,
	mm,
	strand,
	mass
}: Ways): Question[] {
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
		}
	];
}
