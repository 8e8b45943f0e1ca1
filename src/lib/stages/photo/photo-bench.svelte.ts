import type { FileProblem } from '$lib/core/photo/header';
import type { Step } from '$lib/core/photo/measure';
import type { Answer, Edge, Measured, Ranged, Subject } from '$lib/core/photo/measured';
import { movedMeasures } from '$lib/core/photo/moved';
import { queryOf } from '$lib/ui/query';
import type { FromWorker, ToWorker } from '$lib/sight/photo.worker';

/** What went wrong besides the picture itself. */
export type Trouble = FileProblem | 'unable' | 'busy' | 'no-network';

/** A picture that is measured: what it told, and the edges as they were moved. */
export class PhotoBench {
	/** Where the picture is shown from; null before one was chosen. */
	address = $state<string | null>(null);
	file = $state.raw<Blob | null>(null);
	size = $state.raw<{ width: number; height: number } | null>(null);
	/** What it is at; null where it is not at work. */
	step = $state<Step | 'loading' | 'elsewhere' | null>(null);
	answer = $state.raw<Answer | null>(null);
	trouble = $state<Trouble | null>(null);
	edges = $state.raw<readonly Edge[]>([]);
	/** The library is there, with network or without. */
	isReady = $state(false);
	#worker: Worker | null = null;
	#nth = 0;
	readonly #start: () => Worker;

	constructor(start: () => Worker) {
		this.#start = start;
	}

	readonly measured = $derived<Measured | null>(this.answer?.problem === null ? this.answer : null);
	/** Measures by name, strips as `strip-0` and on, after whatever was moved. */
	readonly measures = $derived<Readonly<Record<string, Ranged>>>(
		this.measured ? movedMeasures(this.measured, this.edges) : {}
	);

	#opened(): Worker {
		if (this.#worker) return this.#worker;
		const worker = this.#start();
		worker.onmessage = ({ data }: MessageEvent<FromWorker>) => this.#hear(data);
		worker.onerror = () => {
			this.end();
			if (this.step !== null) void this.#elsewhere();
		};
		this.#worker = worker;
		return worker;
	}

	#tell(message: ToWorker): void {
		this.#opened().postMessage(message);
	}

	/** Fetches the library, so that it is there when a picture comes, and without network later. */
	makeReady(): void {
		this.#tell({ tell: 'ready' });
	}

	/** Measures a picture as what it is of; the one before is dropped. */
	take(file: Blob, of: Subject, scale: number): void {
		if (this.address) URL.revokeObjectURL(this.address);
		this.file = file;
		this.address = URL.createObjectURL(file);
		this.again(of, scale);
	}

	/** Measures the same picture once more: as something else, or by another printer. */
	again(of: Subject, scale: number): void {
		if (!this.file) return;
		this.#order = { of, scale };
		this.answer = null;
		this.edges = [];
		this.trouble = null;
		this.step = this.isReady ? 'sheets' : 'loading';
		this.#tell({ tell: 'measure', nth: ++this.#nth, file: this.file, of, scale });
	}
	#order: { of: Subject; scale: number } = { of: 'bag', scale: 1 };

	#hear(data: FromWorker): void {
		if (data.tell === 'ready') {
			this.isReady = true;
			return;
		}
		if (data.nth !== this.#nth) return;
		if (data.tell === 'step') {
			this.isReady = true;
			this.step = data.step;
		} else if (data.tell === 'said') {
			this.size = { width: data.width, height: data.height };
			this.#said(data.answer);
		} else if (data.tell === 'refused') {
			this.step = null;
			this.trouble = data.problem;
		} else void this.#elsewhere();
	}

	#said(answer: Answer): void {
		this.step = null;
		this.answer = answer;
		this.edges = answer.problem === null ? answer.edges : [];
	}

	/** On a device that cannot: the group's own machine measures it, and keeps nothing. */
	async #elsewhere(): Promise<void> {
		const nth = ++this.#nth;
		const { file } = this;
		if (!file) return;
		this.step = 'elsewhere';
		const { of, scale } = this.#order;
		const query = queryOf({ of, scale: String(scale) });
		let said: { answer?: Answer; problem?: Trouble } = { problem: 'no-network' };
		try {
			const answer = await fetch(`/photo/measure?${query}`, { method: 'POST', body: file });
			said = (await answer.json()) as typeof said;
		} catch {
			// Said as it stands.
		}
		if (nth !== this.#nth) return;
		if (said.answer) {
			this.size = null;
			this.#said(said.answer);
		} else {
			this.step = null;
			this.trouble = said.problem ?? 'unable';
		}
	}

	/** Moves an edge's end, or the whole of it, by so many pixels of the picture. */
	move(name: string, ends: 'from' | 'to' | 'both', dx: number, dy: number): void {
		this.edges = this.edges.map((edge) =>
			edge.name !== name
				? edge
				: {
						name,
						from: ends === 'to' ? edge.from : [edge.from[0] + dx, edge.from[1] + dy],
						to: ends === 'from' ? edge.to : [edge.to[0] + dx, edge.to[1] + dy]
					}
		);
	}

	/** Lays the edges where they were found. */
	layBack(): void {
		this.edges = this.measured?.edges ?? [];
	}

	readonly isMoved = $derived(this.measured !== null && this.edges !== this.measured.edges);

	end(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.isReady = false;
	}
}
