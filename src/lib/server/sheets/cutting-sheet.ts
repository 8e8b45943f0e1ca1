import { cuttingSheet as say } from '$lib/words/sheets';
import type { Bag } from '$lib/core/bag/measure-bag';
import { cuttingStack } from '$lib/core/cut/stack';
import type { Cut } from '$lib/core/cut/types';
import { orderOfKinds, type KindInModel } from '$lib/core/model/kinds-in-model';
import { usualWorkSetup } from '$lib/core/model/types';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import { tallyValue } from '$lib/stages/plan/words/tally-words';
import { bagName, cutLine } from '$lib/stages/plan/words/step-lines';
import { guideMarks } from './guide';
import type { SheetOrder } from './order';
import { drawStep } from './plan-sheet';
import { readableIn } from './order';
import type { Sheet } from './sheet';

const checkMm = 100;

/** For the cutting table: what to do, and a guide strip at true scale for each cut. */
export function cuttingSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, system } = order;
	const { model } = estimate;
	const readable = readableIn(system);
	const { cuttingTool } = plan.work ?? usualWorkSetup;
	const { stackBags, stackFolds } = plan.work ?? {};
	const stack = cuttingStack(plan.bag, plan.cut, cuttingTool, stackBags, stackFolds);
	const weft = plan.technique.kind === 'peg-loom' ? plan.technique.weftCut : null;
	const isStacked = plan.cut.style === 'loops' || plan.cut.style === 'whole-tube';
	sheet.figures([
		{ value: tallyValue(estimate.tally, 'toPrepare', system), label: say.bagsToPrepare() },
		{ value: readable(model.yield.stripWidthMm, 'small'), label: say.stripWidth() }
	]);
	drawStep(sheet, order, 'cut', {
		widthMm: sheet.innerMm * 0.75,
		tallestMm: weft ? 60 : 84,
		sizePt: 12
	});
	sheet.table(
		[
			...(model.kinds
				? []
				: [
						[
							say.bag(),
							say.wideFromSeamToHandles({
								bagName: bagName(plan.bag),
								readable: readable(plan.bag.flatWidthMm, 'bag'),
								readable2: readable(plan.bag.bodyMm, 'bag')
							})
						]
					]),
			...(model.kinds ? [] : [[say.cut(), cutLine(model.yield, system)]]),
			...(model.weftYield ? [[say.weft(), cutLine(model.weftYield, system)]] : []),
			[say.bags(), say.toCut({ tallyValue: tallyValue(estimate.tally, 'toPrepare', system) })],
			[
				say.stack(),
				isStacked
					? say.bagsAtATimeLayers({
							max: Math.max(1, Math.min(stack.bags, stack.bagsWithinLimit || 1)),
							part:
								stack.folds === 0
									? say.notFolded()
									: stack.folds === 1
										? say.foldedOnce()
										: say.foldedTimes({ folds: stack.folds }),
							layers: stack.layers,
							layersAtGusset: stack.layersAtGusset
						})
					: say.oneBagAtATime()
			]
		],
		[1, 5],
		12
	);
	sheet.text(say.flattenGussetsInCreasesSmoothed(), { sizePt: 12 });
	if (model.kinds) {
		drawKinds(sheet, order, model.kinds);
		return;
	}
	drawGuide(sheet, plan.bag, plan.cut, weft ? say.guideForTheWarp() : say.guide(), system);
	if (weft) drawGuide(sheet, plan.bag, weft, say.guideForTheWeft(), system);
}

/** The kinds of a mat of several: how each is cut and how many of it, the order of pieces, and a guide each. */
function drawKinds(sheet: Sheet, order: SheetOrder, kinds: readonly KindInModel[]): void {
	const { plan, system } = order;
	const names = kinds.map(({ bag, name }, at) =>
		say.kindCard({ nth: at + 1, name: name ?? bagName(at === 0 ? plan.bag : bag) })
	);
	const joined = orderOfKinds(kinds);
	sheet.table(
		kinds.map(({ like, toPrepare, share }, at) => [
			names[at] ?? '',
			say.kindCut({
				cut: cutLine(like.yield, system),
				bags: Math.ceil(toPrepare),
				percent: Math.round(share * 100)
			})
		]),
		[2, 5],
		12
	);
	sheet.text(say.joinInOrder({ order: joined.map((at) => at + 1).join(' · ') }), { sizePt: 12 });
	for (const [at, { bag, like, weft }] of kinds.entries()) {
		const kind = names[at] ?? '';
		const title = weft ? say.guideForTheWarpOf({ kind }) : say.guideFor({ kind });
		drawGuide(sheet, bag, like.cut, title, system);
		if (weft) drawGuide(sheet, bag, weft.cut, say.guideForTheWeftOf({ kind }), system);
	}
}

/** The guide from the seam up; longer than the page, it goes on at the top of the next. */
function drawGuide(sheet: Sheet, bag: Bag, cut: Cut, title: string, system: LengthSystem): void {
	const at10 = (mm: number) =>
		system === 'ft' ? formatLength(mm, system, 'small') : `${Math.round(mm * 10) / 10} mm`;
	const marks = guideMarks(bag, cut);
	const topMm = Math.max(...marks.map(({ atMm }) => atMm));
	sheet.newPage();
	sheet.text(title, { sizePt: 13, isBold: true });
	sheet.text(say.printAt100ThisLine(), {
		sizePt: 9.5
	});
	const x = sheet.marginMm + 4;
	const checkY = sheet.y + 4;
	sheet.line(x, checkY, x + checkMm, checkY, 0.4);
	for (const end of [x, x + checkMm]) sheet.line(end, checkY - 2, end, checkY + 2, 0.4);
	sheet.label('100 mm', x + checkMm / 2, checkY - 1.2, { align: 'middle' });
	sheet.y = checkY + 8;

	let fromMm = 0;
	for (let tile = 1; ; tile++) {
		if (tile > 1) sheet.newPage();
		const roomMm = sheet.heightMm - sheet.marginMm - sheet.y - 8;
		const toMm = Math.min(topMm, fromMm + roomMm);
		const foot = sheet.y + (toMm - fromMm) + 4;
		const at = (mm: number) => foot - (mm - fromMm);
		sheet.line(x, at(fromMm), x, at(toMm), 0.4);
		sheet.line(x, at(fromMm), x + 30, at(fromMm), 0.5);
		sheet.label(
			fromMm === 0 ? say.bottomSeam() : say.joinHereAboveTheSeam({ at10: at10(fromMm) }),
			x + 32,
			at(fromMm) + 1
		);
		for (let tick = Math.ceil(fromMm / 10) * 10; tick <= toMm; tick += 10)
			sheet.line(x, at(tick), x + (tick % 50 === 0 ? 5 : 3), at(tick), 0.15);
		for (const { atMm, words } of marks) {
			if (atMm <= fromMm + 1e-6 || atMm > toMm + 1e-6) continue;
			sheet.line(x, at(atMm), x + 70, at(atMm), 0.35, [3, 2]);
			sheet.label(`${words}, ${at10(atMm)}`, x + 72, at(atMm) + 1);
		}
		if (toMm < topMm - 1e-6)
			sheet.label(say.goesOnOverleafStickThe({ at10: at10(toMm) }), x + 8, at(toMm) - 1.5);
		sheet.y = foot + 6;
		if (toMm >= topMm - 1e-6) break;
		fromMm = toMm;
	}
}
