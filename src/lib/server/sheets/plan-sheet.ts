import { planSheet as say } from '$lib/words/sheets';
import { capital } from '$lib/ui/number-words';
import { tallyNames } from '$lib/core/estimate/estimate';
import { drawingsOf } from '$lib/stages/plan/drawing/making-drawings';
import { judgementWords } from '$lib/stages/plan/words/judgement-words';
import type { StepName } from '$lib/stages/plan/words/step-lines';
import { stepLines, stepNames } from '$lib/stages/plan/words/step-lines';
import {
	intervalWords,
	tallyUnit,
	tallyValue,
	tallyWords
} from '$lib/stages/plan/words/tally-words';
import { massWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import type { Sheet } from './sheet';
import { squareCode } from './square-code';

/** The drawings of a step, below each other, in the order's units. */
export function drawStep(
	sheet: Sheet,
	{ plan, estimate, system }: SheetOrder,
	step: StepName,
	room: { readonly widthMm: number; readonly tallestMm: number; readonly sizePt: number }
): void {
	const type = sheet.typeMm(room.sizePt);
	const box = { width: room.widthMm, tallest: room.tallestMm, type };
	for (const { scene } of drawingsOf(step, plan, estimate, system, box, 100, 1))
		sheet.scene(scene, type);
}

/** The whole plan for the wall: large figures, the mat, how it is made, and what it takes. */
export function planSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, system, terms, address } = order;
	const { tally, model, judgements } = estimate;
	const lines = stepLines(plan, estimate, system, terms);
	const large = (name: (typeof tallyNames)[number], label: string) => ({
		value: `${tallyValue(tally, name, system)}${tallyUnit(name, system).unit ? ` ${tallyUnit(name, system).unit}` : ''}`,
		label
	});
	sheet.figures([
		large('toCollect', say.bagsToCollect()),
		large('balls', say.ballsOfBags({ bagsPerBall: plan.work?.bagsPerBall ?? 20 })),
		large('hours', 'hands-on time')
	]);
	drawStep(sheet, order, 'size', { widthMm: sheet.innerMm, tallestMm: 74, sizePt: 14 });
	sheet.table(
		stepNames.map((step) => [capital(step), lines[step]]),
		[1, 4],
		14
	);
	if (address) {
		const side = 34;
		sheet.need(side + 2);
		sheet.sceneAt(squareCode(address, side), sheet.typeMm(9), sheet.marginMm, sheet.y);
		sheet.label(say.opensThisPlan(), sheet.marginMm + side + 4, sheet.y + side / 2 - 2, {
			sizePt: 12
		});
		sheet.label(address, sheet.marginMm + side + 4, sheet.y + side / 2 + 5, { sizePt: 9.5 });
		sheet.y += side + 2;
	}
	sheet.heading(say.whatItTakes());
	sheet.table(
		tallyNames.map((name) => {
			const { label } = tallyWords[name];
			const { unit } = tallyUnit(name, system);
			return [
				label,
				`${tallyValue(tally, name, system)} ${unit}`,
				say.range({ interval: intervalWords(tally[name], name, system) })
			];
		}),
		[2, 2, 3],
		12
	);
	sheet.heading(say.theBagAndItsCut());
	drawStep(sheet, order, 'cut', {
		widthMm: sheet.innerMm * 0.7,
		tallestMm: model.weftYield ? 36 : 62,
		sizePt: 11
	});
	sheet.heading(say.theYarnRealSize());
	drawStep(sheet, order, 'join', { widthMm: 130, tallestMm: 40, sizePt: 11 });
	sheet.heading(say.notesOnIt());
	for (const judgement of judgements) {
		const { call, why, act } = judgementWords(judgement, system, plan.technique.kind);
		sheet.text(`${call}. ${why}${act ? ` ${act}` : ''}`, { sizePt: 11 });
	}
	sheet.text(
		say.scrapAndSpoiledForPillows({
			mass: massWords(model.mass.scrapG, system),
			mass2: massWords(model.mass.spoiledG, system)
		}),
		{ sizePt: 11 }
	);
}
