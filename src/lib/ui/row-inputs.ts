// What counts rows beside the large target on the screen: keys, pedals, and a row counter with a button.

/** Something that says that a row is done. */
export interface RowInput {
	/** Calls back for every row until told to stop. */
	listen(onrow: () => void): () => void;
}

/** Keys that a page gives to whatever is focused: they count only where nothing else takes them. */
const pressing = ['Enter', ' '];

/**
 * A pedal or a button is a keyboard with one key. It counts wherever the focus is, but not while something is
 * typed; the keys that press what is focused count where nothing is.
 */
export const keyboard = (page: Window): RowInput => ({
	listen(onrow) {
		const press = (event: KeyboardEvent) => {
			const { target, key, repeat } = event;
			const isPressing = pressing.includes(key);
			if (repeat || !(isPressing || key === 'PageDown')) return;
			const others = isPressing ? ', button, a, summary, [type=radio]' : '';
			if (target instanceof HTMLElement && target.closest(`input, select, textarea${others}`))
				return;
			event.preventDefault();
			onrow();
		};
		page.addEventListener('keydown', press);
		return () => page.removeEventListener('keydown', press);
	}
});

/** What the stand-in's button says on the page it counts for. */
export const counterPressed = 'row-counter';

/** A stand-in for a row counter that hangs on the work: each press is an event on the page. One that is real would speak by its own port. */
export const simulatedCounter = (page: EventTarget): RowInput => ({
	listen(onrow) {
		page.addEventListener(counterPressed, onrow);
		return () => page.removeEventListener(counterPressed, onrow);
	}
});
