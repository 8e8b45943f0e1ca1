import { areKeysOn, isBare, turnKeys } from '$lib/ui/single-keys';

/** A key that does something on the bench. */
export interface Shortcut {
	readonly key: string;
	readonly label: string;
	readonly act: () => void;
}

/** The single keys of the bench. Whoever they disturb turns them off, and this device remembers. */
export class Shortcuts {
	areOn = $state(true);

	constructor(private readonly shortcuts: readonly Shortcut[]) {}

	recall(): void {
		this.areOn = areKeysOn();
	}

	turn(areOn: boolean): void {
		this.areOn = areOn;
		turnKeys(areOn);
	}

	/** Answers a key press; true where it did something. */
	press(event: KeyboardEvent): boolean {
		if (!isBare(event)) return false;
		// The list itself is always there, so that the keys can be turned on again.
		const found = this.shortcuts.find(({ key }) => key === event.key);
		if (!found || (!this.areOn && found.key !== '?')) return false;
		event.preventDefault();
		found.act();
		return true;
	}
}
