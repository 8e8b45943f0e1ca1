import { atMost } from './at-most';

/** How long one that gets no answer holds up the next. */
const longestMs = 30_000;

/** Asks for something; what it brings takes the place of what was there. */
export type Ask = () => Promise<unknown>;

/**
 * Has a page asked for its data one ask after the other. An ask that begins in the very moment in which another ends
 * can be taken for done with it, and what was kept meanwhile would not be shown. What already waits for its turn is not
 * asked twice.
 *
 * @param ready what is waited for before each turn, a page that is on its way say
 * @param isAble whether it can be asked at all just now; where not, that turn is over
 */
export function asksInTurn(
	ready: () => Promise<unknown>,
	isAble: () => boolean
): (ask: Ask) => void {
	const waiting: Ask[] = [];
	let isAsking = false;
	const run = async () => {
		isAsking = true;
		for (let ask = waiting.at(0); ask; ask = waiting.at(0)) {
			await atMost(longestMs, ready());
			// From here on what is kept needs another ask.
			waiting.shift();
			if (isAble()) await atMost(longestMs, ask());
		}
		isAsking = false;
	};
	return (ask) => {
		if (waiting.includes(ask)) return;
		waiting.push(ask);
		if (!isAsking) void run();
	};
}
