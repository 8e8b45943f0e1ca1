import { lessons as say } from '$lib/words/know-how';
import { DomainError } from '$lib/core/domain-error';
import type { ActName } from './links/lesson-titles';
import type { Hand } from './left-hand';
import { sidesFor } from './left-hand';
import type { Act, ActStep, OwnThings } from './lessons/lesson';
import { bandActs } from './lessons/band-lessons';
import { bagActs } from './lessons/bag-lessons';
import { crochetActs } from './lessons/crochet-lessons';
import { finishActs } from './lessons/finish-lessons';
import { frameActs } from './lessons/frame-lessons';
import { loomActs } from './lessons/loom-lessons';
import { ballActs } from './lessons/ball-lessons';
import { cutActs } from './lessons/cut-lessons';
import { jointActs } from './lessons/joint-lessons';

/** How each act is done. */
export const lessons: Readonly<Record<ActName, Act>> = {
	...bagActs,
	...cutActs,
	...jointActs,
	...ballActs,
	...crochetActs,
	...loomActs,
	...frameActs,
	...bandActs,
	...finishActs
};

/** Acts that belong together, as they are listed. */
export const actGroups = (
	[
		[say.bags(), { ...bagActs, ...cutActs }],
		[say.joiningAndBalls(), { ...jointActs, ...ballActs }],
		[say.crochet(), crochetActs],
		[say.pegLoom(), loomActs],
		[say.frameWithNails(), frameActs],
		[say.fingerWovenBands(), bandActs],
		[say.finish(), finishActs]
	] as const
).map(([title, some]) => ({ title, names: Object.keys(some) as ActName[] }));

/** The steps of an act for one hand or the other; null where the group's bag cannot be cut so. */
export function stepsOf(act: ActName, own: OwnThings, hand: Hand): readonly ActStep[] | null {
	try {
		return lessons[act].steps(own).map((step) => sidesFor(step, hand));
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		return null;
	}
}
