import { storyWords as say } from '$lib/words/hand-over';
import type { ThingEvent } from '$lib/core/store/forms';
import type { MatStory } from './story-view';

/** What happened to a mat, in words. */
export const storyEventWords: Readonly<Record<ThingEvent, string>> = {
	made: say.made(),
	begun: say.started(),
	finished: say.itsRowsWereMadeAnd(),
	'taken-apart': say.takenApartForStrand(),
	given: say.given(),
	lost: say.lost(),
	good: say.checkedAndGood(),
	'to-mend': say.checkedAndToMend(),
	mended: say.mended(),
	'other-use': say.checkedAndForAnotherUse(),
	delivered: say.handedOver(),
	received: say.received(),
	'sent-back': say.itCameBack()
};

/** How a mat stands, in a line. */
export function stateNow({ state, went }: Pick<MatStory, 'state' | 'went'>): string {
	if (state === 'begun' || state === 'made') return say.inHand();
	if (state === 'good') return say.goodAndReadyToGo();
	if (went && (state === 'delivered' || state === 'received'))
		return state === 'received'
			? say.receivedBy({ placeName: went.placeName })
			: say.onItsWayTo({ placeName: went.placeName });
	return storyEventWords[state];
}
