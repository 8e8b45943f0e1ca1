/** States one can go back to and forward again; the present one is where the user is. */
export class History<State> {
	#past: State[] = [];
	#future: State[] = [];

	constructor(
		private present: State,
		private readonly isSame: (a: State, b: State) => boolean,
		private readonly most = 200
	) {}

	/** Takes a new state on; what was undone before it can no longer be redone. */
	note(state: State): void {
		if (this.isSame(state, this.present)) return;
		this.#past.push(this.present);
		if (this.#past.length > this.most) this.#past.shift();
		this.present = state;
		this.#future = [];
	}

	undo(): State | null {
		return this.#move(this.#past, this.#future);
	}

	redo(): State | null {
		return this.#move(this.#future, this.#past);
	}

	get canUndo(): boolean {
		return this.#past.length > 0;
	}

	get canRedo(): boolean {
		return this.#future.length > 0;
	}

	#move(from: State[], to: State[]): State | null {
		const state = from.pop();
		if (state === undefined) return null;
		to.push(this.present);
		this.present = state;
		return state;
	}
}
