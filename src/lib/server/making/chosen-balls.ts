import type { Db } from '$lib/server/db/db';
import { chooseBalls } from '$lib/core/making/choose-balls';
import { whyUnsuited } from '$lib/core/prepare/suits';
import { ballColour } from '$lib/core/prepare/piles';
import { plannedColour, strandOf } from '$lib/stages/making/strand-in-hand';
import type { ColourName } from '$lib/core/colour/colours';
import type { BallContent } from '$lib/stages/prepare/balls';
import { findMatMade } from './mat-made';

/** A ball that is offered for a mat. */
export interface OfferedBall {
	readonly code: string;
	readonly colour: ColourName;
	readonly metres: number;
}

/** What the store has for a mat. */
export interface StoreFor {
	/** Balls so chosen that its stripes come out with least left over; as many as there are where they do not do. */
	readonly chosen: readonly OfferedBall[];
	/** Strand of all balls that suit it, by colour, m. */
	readonly thereM: Partial<Readonly<Record<ColourName, number>>>;
}

/** What the store has for a mat that is being made. */
export async function chosenFor(db: Db, code: string): Promise<StoreFor> {
	const mat = await findMatMade(db, code, null);
	if (mat.problem !== undefined) return { chosen: [], thereM: {} };
	const { look, cut } = mat.making;
	if (!look || !cut) return { chosen: [], thereM: {} };
	const there = await db.many<{ code: string; content: BallContent }>(
		`select t.code, t.content from lying l join thing t on t.group_id = l.group_id and t.id = l.thing_id
		 where l.group_id = $1 and t.sort = 'ball' order by l.thing_id limit 400`,
		[db.groupId]
	);
	const suiting = there
		.filter(({ content }) => whyUnsuited(content.cut, cut) === null && content.metres.expected > 0)
		.map(({ code: label, content }) => ({
			code: label,
			own: ballColour(content.colours.map(({ colour }) => colour)),
			metres: content.metres.expected
		}));
	const { left } = strandOf(look, mat.made, mat.said);
	const chosen = chooseBalls(
		left,
		suiting.map(({ code: label, own, metres }) => ({
			code: label,
			colour: plannedColour(look.stripes, own),
			metres
		}))
	);
	const thereM: Partial<Record<ColourName, number>> = {};
	for (const { own, metres } of suiting) {
		const colour = plannedColour(look.stripes, own);
		thereM[colour] = (thereM[colour] ?? 0) + metres;
	}
	return {
		chosen: chosen.map(({ code: label, metres }) => ({
			code: label,
			colour: suiting.find((one) => one.code === label)?.own ?? 'mixed',
			metres
		})),
		thereM
	};
}
