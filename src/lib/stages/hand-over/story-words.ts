import { storyWords as say } from '$lib/words/hand-over';
import type { ThingEvent } from '$lib/core/store/forms';
import type { MatStory } from './story-view';

/** What happened to a mat, in words. */
export const storyEventWords: Readonly<Record<ThingEvent, string>> = {
	made: say.made(),
	begun: say.started(),
	finished: say.rowsFinishedAndEndsHidden(),
	'taken-apart': say.takenApartForStrand(),
	given: say.given(),
	lost: say.lost(),
	good: say.checkedAndGood(),
	'to-mend': say.checkedAndToMend(),
	mended: say.mended(),
	'other-use': say.checkedOtherUse(),
	delivered: say.delivered(),
	received: say.received(),
	'sent-back': say.sentBack()
};

/** How a mat stands, in a line. */
export function stateNow({ state, went }: Pick<MatStory, 'state' | 'went'>): string {
	if (state === 'begun' || state === 'made') return say.beingMade();
	if (state === 'good') return say.ready();
	if (went && (state === 'delivered' || state === 'received'))
		return state === 'received'
			? say.receivedBy({ placeName: went.placeName })
			: say.deliveredTo({ placeName: went.placeName });
	return storyEventWords[state];
}
