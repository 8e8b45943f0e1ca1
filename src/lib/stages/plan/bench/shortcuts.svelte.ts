/** A key that does something on the bench. */
export interface Shortcut {
	readonly key: string;
	readonly label: string;
	readonly act: () => void;
}

const isTyping = (target: EventTarget | null): boolean =>
	target instanceof HTMLElement &&
	(target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

const memory = 'nest-row keys';

/** The single keys of the bench. Whoever they disturb turns them off, and this device remembers. */
export class Shortcuts {
	areOn = $state(true);

	constructor(private readonly shortcuts: readonly Shortcut[]) {}

	recall(): void {
		try {
			this.areOn = localStorage.getItem(memory) !== 'off';
		} catch {
			this.areOn = true;
		}
	}

	turn(areOn: boolean): void {
		this.areOn = areOn;
		try {
			localStorage.setItem(memory, areOn ? 'on' : 'off');
		} catch {
			// A device that keeps nothing asks again next time.
		}
	}

	/** Answers a key press; true where it did something. */
	press(event: KeyboardEvent): boolean {
		if (event.altKey || event.ctrlKey || event.metaKey || isTyping(event.target)) return false;
		// The list itself is always there, so that the keys can be turned on again.
		const found = this.shortcuts.find(({ key }) => key === event.key);
		if (!found || (!this.areOn && found.key !== '?')) return false;
		event.preventDefault();
		found.act();
		return true;
	}
}
