import type { ThingEvent } from '$lib/core/store/forms';
import type { MatStory } from './story-view';

/** What happened to a mat, in words. */
export const storyEventWords: Readonly<Record<ThingEvent, string>> = {
	made: 'made',
	begun: 'begun',
	finished: 'its rows were made and its ends hidden',
	'taken-apart': 'taken apart for strand',
	given: 'given',
	lost: 'lost',
	good: 'checked, and good',
	'to-mend': 'checked, and to mend',
	mended: 'mended',
	'other-use': 'checked, and for another use',
	delivered: 'handed over',
	received: 'received',
	'sent-back': 'it came back'
};

/** How a mat stands, in a line. */
export function stateNow({ state, went }: Pick<MatStory, 'state' | 'went'>): string {
	if (state === 'begun' || state === 'made') return 'in hand';
	if (state === 'good') return 'good, and ready to go';
	if (went && (state === 'delivered' || state === 'received'))
		return state === 'received'
			? `received by ${went.placeName}`
			: `on its way to ${went.placeName}`;
	return storyEventWords[state];
}
