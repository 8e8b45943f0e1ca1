import { layPlanBalls } from '$lib/core/model/balls-of-plan';
import { stripesOf } from '$lib/core/colour/stripes';
import { tallyNames } from '$lib/core/estimate/estimate';
import { judgementWords } from '$lib/stages/plan/words/judgement-words';
import { stepLines, stepNames } from '$lib/stages/plan/words/step-lines';
import {
	intervalWords,
	tallyUnit,
	tallyValue,
	tallyWords
} from '$lib/stages/plan/words/tally-words';
import { massWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import { readableIn } from './order';
import type { Sheet } from './sheet';

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** The whole plan on one page: its steps, its tally, the mat, and the calls on it. */
export function planSheet(sheet: Sheet, { plan, estimate, system, terms }: SheetOrder): void {
	const { tally, model, judgements } = estimate;
	const lines = stepLines(plan, estimate, system, terms);
	sheet.table(
		stepNames.map((step) => [capital(step), lines[step]]),
		[1, 5]
	);
	sheet.heading('What it takes');
	sheet.table(
		tallyNames.map((name) => {
			const { label } = tallyWords[name];
			const { unit } = tallyUnit(name, system);
			return [
				label,
				`${tallyValue(tally, name, system)} ${unit}`,
				`four times in five ${intervalWords(tally[name], name, system)}`
			];
		}),
		[2, 2, 3]
	);
	drawMat(sheet, { plan, estimate, system, terms });
	sheet.heading('The calls on it');
	for (const judgement of judgements) {
		const { call, why, act } = judgementWords(judgement, system, plan.technique.kind);
		sheet.text(`${call}. ${why}${act ? ` ${act}` : ''}`, { sizePt: 10 });
	}
	sheet.text(
		`Scrap ${massWords(model.mass.scrapG, system)} and spoiled ${massWords(model.mass.spoiledG, system)}: for pillows.`,
		{ sizePt: 10 }
	);
}

/** The mat to scale with its stripes; a stripe carries its ball's number and colour where there is room. */
function drawMat(sheet: Sheet, { plan, estimate, system }: SheetOrder): void {
	const { mat } = estimate.model;
	const readable = readableIn(system);
	const scale = Math.min((sheet.innerMm - 20) / mat.lengthMm, 48 / mat.widthMm);
	const [length, width] = [mat.lengthMm * scale, mat.widthMm * scale];
	sheet.need(width + 12);
	const left = sheet.marginMm + 18;
	const top = sheet.y + 3;
	const isLengthwise = mat.kind === 'finger-bands' || (mat.kind === 'crochet' && mat.isLengthwise);
	const rows = mat.kind === 'finger-bands' ? mat.bands : mat.rows;
	if (plan.colours?.length) {
		const greys = [0, 0.14, 0.28];
		for (const stripe of stripesOf(layPlanBalls(plan, estimate.model).runs)) {
			const along = isLengthwise ? width : length;
			const at = ((stripe.row - 1) / rows) * along;
			const size = (stripe.rows / rows) * along;
			const grey = greys[plan.colours.indexOf(stripe.colour) % greys.length] ?? 0;
			if (isLengthwise)
				sheet.box(
					left + stripe.from * length,
					top + at,
					(stripe.to - stripe.from) * length,
					size,
					grey
				);
			else
				sheet.box(
					left + at,
					top + stripe.from * width,
					size,
					(stripe.to - stripe.from) * width,
					grey
				);
			if (size > 12 && stripe.rows > 1 && !isLengthwise)
				sheet.label(stripe.colour, left + at + size / 2, top + width / 2, {
					sizePt: 7,
					align: 'middle'
				});
		}
	}
	sheet.box(left, top, length, width);
	sheet.label(readable(mat.widthMm, 'mat'), left - 3, top + width / 2, { align: 'right' });
	sheet.label(
		`${readable(mat.lengthMm, 'mat')}, ${mat.rows} rows`,
		left + length / 2,
		top + width + 5,
		{ align: 'middle' }
	);
	sheet.y = top + width + 7;
}
