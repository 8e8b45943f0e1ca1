import { DomainError } from '$lib/core/domain-error';
import type { ActName } from './links/act-titles';
import type { Hand } from './left-hand';
import { sidesFor } from './left-hand';
import type { Act, ActStep, OwnThings } from './acts/act';
import { bandActs } from './acts/band-acts';
import { bagActs } from './acts/bag-acts';
import { crochetActs } from './acts/crochet-acts';
import { finishActs } from './acts/finish-acts';
import { frameActs } from './acts/frame-acts';
import { loomActs } from './acts/loom-acts';
import { ballActs } from './acts/ball-acts';
import { cutActs } from './acts/cut-acts';
import { jointActs } from './acts/joint-acts';

/** How each act is done. */
export const acts: Readonly<Record<ActName, Act>> = {
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
		['Bags', { ...bagActs, ...cutActs }],
		['Joining and balls', { ...jointActs, ...ballActs }],
		['Crochet', crochetActs],
		['Peg loom', loomActs],
		['Frame with nails', frameActs],
		['Finger-woven bands', bandActs],
		['Finish', finishActs]
	] as const
).map(([title, some]) => ({ title, names: Object.keys(some) as ActName[] }));

/** The steps of an act for one hand or the other; null where the group's bag cannot be cut so. */
export function stepsOf(act: ActName, own: OwnThings, hand: Hand): readonly ActStep[] | null {
	try {
		return acts[act].steps(own).map((step) => sidesFor(step, hand));
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		return null;
	}
}
