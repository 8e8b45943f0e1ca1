import { thingWords as say } from '$lib/words/prepare';
import type { ThingEvent } from '$lib/core/store/forms';
import type { Unsuited } from '$lib/core/prepare/suits';

/** What happened to a thing, before the day it happened. */
export const happenedWords: Readonly<Record<ThingEvent, string>> = {
	made: say.made(),
	begun: say.started(),
	finished: say.finished(),
	good: say.good(),
	'to-mend': say.toMend(),
	mended: say.mended(),
	'other-use': say.otherUse(),
	delivered: say.delivered(),
	received: say.received(),
	'sent-back': say.sentBack(),
	'taken-apart': say.takenApart(),
	given: say.givenAway(),
	lost: say.missing()
};

/** Why strand does not suit a plan. */
export const unsuitedWords: Readonly<Record<Unsuited | 'other-kind' | 'other-colour', string>> = {
	'other-kind': say.madeOfAnotherKindOf(),
	'other-cut': say.cutAnotherWay(),
	narrower: say.itsStripsAreNarrowerThan(),
	wider: say.itsStripsAreWiderThan(),
	thinner: say.itsFilmIsThinnerThan(),
	thicker: say.itsFilmIsThickerThan(),
	'other-colour': say.anotherColourThanThePlan()
};
