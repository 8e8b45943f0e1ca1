import { workSheet as say } from '$lib/words/sheets';
import type { JointKind } from '$lib/core/joint/joints';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { CuttingRun } from '$lib/core/prepare/cutting-order';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import { longDayWords } from '$lib/ui/day-words';
import { figure, wholeNumber } from '$lib/ui/number-words';
import type { Sheet } from './sheet';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

/** A plan of the work sheet: what to cut for its next mat, run by run. */
export interface WorkListPlan {
	readonly name: string;
	readonly version: number;
	/** Mats still wanted of it. */
	readonly mats: number;
	readonly bagsPerBall: number;
	/** The kind of bag; null where its bag is none of the kinds there are. */
	readonly kind: string | null;
	readonly cut: CutSnapshot | null;
	readonly joint: JointKind;
	/** Bags under the blade or the scissors at a time. */
	readonly stack: number;
	readonly runs: readonly CuttingRun[];
}

export interface WorkSheetOrder extends OnPaper {
	readonly groupName: string;
	readonly plans: readonly WorkListPlan[];
	readonly system: LengthSystem;
	readonly date: Date;
}

const cautions = [
	say.bladesAreForTrainedAdults(),
	say.filmCanSuffocateBagEvery(),
	say.fiveMinutesRestInEvery()
];

/** How two ends are joined, step by step. */
export const joiningSteps: Readonly<Record<JointKind, readonly string[]>> = {
	loop: [say.layTheNextRingThrough(), say.drawItFromTheKnot()],
	overhand: [say.layBothEndsSideBy(), say.drawItUpSmallAnd()],
	slit: [say.cutASlitAFinger(), say.drawTheFarEndOf()]
};

/** Bags as they are taken from a pile: whole ones. */
const bags = (count: number): string => wholeNumber(Math.ceil(count - 1e-6));

/** What to cut and join next, for the wall: from which piles, for which plan, in the order of the balls. */
export async function workSheet(order: WorkSheetOrder): Promise<Uint8Array> {
	const sheet = await beginSheet(order, () => ({
		title: say.toCutAndJoin(),
		planName: order.groupName,
		versionWords: say.asThePilesLieNow(),
		date: longDayWords(order.date),
		cautions
	}));
	if (order.plans.length === 0)
		sheet.text(say.noMatsAreWantedSay(), {
			sizePt: 13
		});
	for (const plan of order.plans) drawPlan(sheet, plan, order.system);
	return sheet.end();
}

function drawPlan(sheet: Sheet, plan: WorkListPlan, system: LengthSystem): void {
	sheet.heading(say.version({ name: plan.name, version: plan.version }));
	const { cut, kind } = plan;
	if (!cut || kind === null) {
		sheet.text(say.itsBagIsNoneOf());
		return;
	}
	const width =
		system === 'ft'
			? formatLength(cut.stripWidthMm, system, 'small')
			: `${figure(cut.stripWidthMm)} mm`;
	sheet.text(
		say.piecesABagWideBags({
			kind,
			piecesPerBag: wholeNumber(cut.piecesPerBag),
			width,
			stack: wholeNumber(plan.stack),
			bagsPerBall: wholeNumber(plan.bagsPerBall),
			bagsPerBall2: wholeNumber(plan.bagsPerBall * cut.piecesPerBag)
		})
	);
	if (plan.runs.length === 0) {
		sheet.text(say.allOfTheNextMat(), { isBold: true });
	} else {
		sheet.y += 1;
		sheet.table(
			[
				[say.balls(), say.colour(), say.cutFlatOnes(), say.flattenFirst(), say.notInStore()],
				...plan.runs.map((run) => [
					run.fromBall === run.toBall
						? wholeNumber(run.fromBall)
						: `${wholeNumber(run.fromBall)}–${wholeNumber(run.toBall)}`,
					run.colour === 'any' ? say.any() : run.colour,
					run.flat > 0 ? bags(run.flat) : '–',
					run.unflattened > 0 ? bags(run.unflattened) : '–',
					run.lacking > 0.5 ? say.short({ bags: bags(run.lacking) }) : '–'
				])
			],
			[1, 2, 2, 2, 2],
			12
		);
		const isStriped = new Set(plan.runs.map(({ colour }) => colour)).size > 1;
		sheet.text(isStriped ? say.inThisOrderTheFirst() : say.inThisOrder(), { sizePt: 10 });
	}
	sheet.steps(joiningSteps[plan.joint], 11);
}
