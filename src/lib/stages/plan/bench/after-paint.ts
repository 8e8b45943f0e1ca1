/** A frame of the screen, and the longest that what follows may be put off, ms. */
const frameMs = 17;
const longestMs = 150;

/** Runs once the frame that is under way has been painted. */
const painted = (act: () => void): void => void requestAnimationFrame(() => setTimeout(act));

/**
 * Hands the newest of what it is given on, once the frame that is under way has been painted. What
 * comes meanwhile takes its place; and where the last time took longer than a frame, the next waits
 * twice as long as that, so that a slow machine draws less often and what is painted first stays
 * prompt.
 */
export function afterPaint<Value>(act: (value: Value) => void): (value: Value) => void {
	let newest: Value;
	let isWaiting = false;
	let tookMs = 0;
	const run = () => {
		isWaiting = false;
		const from = performance.now();
		act(newest);
		painted(() => (tookMs = Math.max(0, performance.now() - from - frameMs)));
	};
	return (value) => {
		newest = value;
		if (isWaiting) return;
		isWaiting = true;
		painted(() => setTimeout(run, Math.min(longestMs, 2 * tookMs)));
	};
}
