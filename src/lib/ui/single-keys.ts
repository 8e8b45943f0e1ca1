/** Where a device remembers that single keys are turned off. */
const memory = 'nest-row keys';

const isTyping = (target: EventTarget | null): boolean =>
	target instanceof HTMLElement &&
	(target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/** Whether single keys do something on this device: whoever they disturb turns them off. */
export function areKeysOn(): boolean {
	try {
		return localStorage.getItem(memory) !== 'off';
	} catch {
		return true;
	}
}

export function turnKeys(areOn: boolean): void {
	try {
		localStorage.setItem(memory, areOn ? 'on' : 'off');
	} catch {
		// A device that keeps nothing asks again next time.
	}
}

/** Whether a key is typed into nothing, and with no other. */
export const isBare = (event: KeyboardEvent): boolean =>
	!event.altKey && !event.ctrlKey && !event.metaKey && !isTyping(event.target);

/** Whether a single key may do something now. */
export const isKeyFree = (event: KeyboardEvent): boolean => isBare(event) && areKeysOn();
