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
	'Blades are for trained adults: cut away from the body, wear gloves, close the blade when it is put down. Children and unsteady hands get blunt scissors or another seat.',
	'Film can suffocate: bag every scrap at once, away from babies and small children. It burns and drips: nothing hot near the table.',
	'Five minutes’ rest in every three quarters of an hour, and a change of seat; pain means stop. The house’s own rules come first.'
];

/** How two ends are joined, step by step. */
export const joiningSteps: Readonly<Record<JointKind, readonly string[]>> = {
	loop: [
		'Lay the next ring through the end of the strand and back through itself.',
		'Draw it from the knot, gently, both sides of the ring even; snug and small, not tight.'
	],
	overhand: [
		'Lay both ends side by side and tie them as one, with a single overhand knot.',
		'Draw it up small, and lay the tails under the work.'
	],
	slit: [
		'Cut a slit a finger wide into both ends; lay one end on the other, slit on slit.',
		'Draw the far end of the new strip through both slits.'
	]
};

/** Bags as they are taken from a pile: whole ones. */
const bags = (count: number): string => wholeNumber(Math.ceil(count - 1e-6));

/** What to cut and join next, for the wall: from which piles, for which plan, in the order of the balls. */
export async function workSheet(order: WorkSheetOrder): Promise<Uint8Array> {
	const sheet = await beginSheet(order, () => ({
		title: 'To cut and join',
		planName: order.groupName,
		versionWords: 'as the piles lie now',
		date: longDayWords(order.date),
		cautions
	}));
	if (order.plans.length === 0)
		sheet.text(
			'No mats are wanted. Say under Gather, Asks how many of each plan the season wants.',
			{
				sizePt: 13
			}
		);
	for (const plan of order.plans) drawPlan(sheet, plan, order.system);
	return sheet.end();
}

function drawPlan(sheet: Sheet, plan: WorkListPlan, system: LengthSystem): void {
	sheet.heading(`${plan.name}, version ${plan.version}`);
	const { cut, kind } = plan;
	if (!cut || kind === null) {
		sheet.text('Its bag is none of the kinds that are kept, so nothing here is cut for it.');
		return;
	}
	const width =
		system === 'ft'
			? formatLength(cut.stripWidthMm, system, 'small')
			: `${figure(cut.stripWidthMm)} mm`;
	sheet.text(
		`${kind}: ${wholeNumber(cut.piecesPerBag)} pieces a bag, ${width} wide; ${wholeNumber(plan.stack)} bags at a time. ${wholeNumber(plan.bagsPerBall)} bags make a ball: count ${wholeNumber(plan.bagsPerBall * cut.piecesPerBag)} pieces to it.`
	);
	if (plan.runs.length === 0) {
		sheet.text('All of the next mat is cut. Join and wind what lies there.', { isBold: true });
	} else {
		sheet.y += 1;
		sheet.table(
			[
				['Balls', 'Colour', 'Cut flat ones', 'Flatten first', 'Not there'],
				...plan.runs.map((run) => [
					run.fromBall === run.toBall
						? wholeNumber(run.fromBall)
						: `${wholeNumber(run.fromBall)}–${wholeNumber(run.toBall)}`,
					run.colour === 'any' ? 'any' : run.colour,
					run.flat > 0 ? bags(run.flat) : '–',
					run.unflattened > 0 ? bags(run.unflattened) : '–',
					run.lacking > 0.5 ? `${bags(run.lacking)} short` : '–'
				])
			],
			[1, 2, 2, 2, 2],
			12
		);
		const isStriped = new Set(plan.runs.map(({ colour }) => colour)).size > 1;
		sheet.text(
			isStriped
				? 'In this order: the first balls are the first stripes of the mat.'
				: 'In this order.',
			{ sizePt: 10 }
		);
	}
	sheet.steps(joiningSteps[plan.joint], 11);
}
