import type { ThingEvent } from '$lib/core/store/forms';
import type { Unsuited } from '$lib/core/prepare/suits';

/** What happened to a thing, before the day it happened. */
export const happenedWords: Readonly<Record<ThingEvent, string>> = {
	made: 'made',
	begun: 'begun',
	finished: 'finished',
	good: 'found good',
	'to-mend': 'to be mended',
	mended: 'mended',
	'other-use': 'put to another use',
	delivered: 'delivered',
	received: 'received',
	'sent-back': 'sent back',
	'taken-apart': 'taken apart',
	given: 'given away',
	lost: 'not to be found since'
};

/** Why strand does not suit a plan. */
export const unsuitedWords: Readonly<Record<Unsuited | 'other-kind' | 'other-colour', string>> = {
	'other-kind': 'made of another kind of bag',
	'other-cut': 'cut another way',
	narrower: 'its strips are narrower than the plan asks for',
	wider: 'its strips are wider than the plan asks for',
	thinner: 'its film is thinner than the plan asks for',
	thicker: 'its film is thicker than the plan asks for',
	'other-colour': 'another colour than the plan has'
};
