import { cuttingQuestions as say } from '$lib/words/plan';
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
		[say.aQuarterOfTheBag(), '4'],
		[say.halfOfIt(), '2'],
		[say.theWhole(), '1']
	].map(([label = '', count = '1']) =>
		school(label, rings({ loops: 'equal', equal_strips: count }), (model) => [
			...usual(model, plan),
			holdsOf(model)
		])
	);
	const cutting: Show = (model) => [
		bagsOf(model),
		say.joints({ count: wholeNumber(Math.ceil(model.joints)) }),
		say.cuttingHJoiningH({
			cut: figure(model.seconds.cut / 3600),
			join: figure(model.seconds.join / 3600)
		})
	];
	const trimming: Show = (model) => [
		bagsOf(model),
		say.ofScrap({ mass: mass(model.mass.scrapG) }),
		say.aBag({ length: strand(model.yield.strandPerBagMm) })
	];
	return [
		{
			question: say.howWideAStrip(),
			note: say.narrowStripsMakeASupple(),
			schools: [...strips, ...shares]
		},
		{
			question: say.whichCut(),
			note: say.ringsJoinWithoutKnotsTo(),
			schools: [
				school('rings', rings({}), cutting),
				school('spiral', chooseStyle('', 'spiral', system), cutting),
				school(say.halfBags(), chooseStyle('', 'half-bag', system), cutting),
				school(say.wholeTubes(), chooseStyle('', 'whole-tube', system), cutting)
			]
		},
		{
			question: say.howMuchToTrim(),
			note: say.aGenerousTrimLeavesNo(),
			schools: [
				school('generous', ownTrim(50), trimming),
				school('close', ownTrim(12), trimming),
				school('none', ownTrim(0), trimming)
			]
		},
		{
			question: say.whatToDoWithScraps(),
			note: say.allOfItCanStuff(),
			schools: [
				custom('stuffing', [mass(scrapG), say.pillows({ count: stuffed.pillows })]),
				custom(
					say.handleYarn(),
					handles
						? [
								say.ofHandles({ mass: mass(handles.massG * now.toPrepare) }),
								say.thick({
									length: strand(handles.strandPerBagMm * now.toPrepare),
									fine: fineWords(handles.bulkDiameterMm, system)
								})
							]
						: null
				),
				custom('recycling', [say.upTo({ mass: mass(scrapG) })])
			]
		}
	];
}
