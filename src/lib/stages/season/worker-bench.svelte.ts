/** What a worker of the season says: how far it is, and in the end what it found. */
export type FromWorker<Said> =
	| { readonly tell: 'progress'; readonly share: number }
	| { readonly tell: 'said'; readonly said: Said };

/** Something of the season that is worked out on this device, beside the page; it can be stopped. */
export class WorkerBench<Order, Said> {
	/** From 0 to 1 while it is worked out, then null. */
	progress = $state<number | null>(null);
	said = $state.raw<Said | null>(null);
	#worker: Worker | null = null;
	readonly #start: () => Worker;

	constructor(start: () => Worker) {
		this.#start = start;
	}

	/** Works out what is asked; what was asked before is dropped. */
	reckon(order: Order): void {
		this.end();
		this.said = null;
		this.progress = 0;
		const worker = this.#start();
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<FromWorker<Said>>) => {
			if (worker !== this.#worker) return;
			if (data.tell === 'progress') this.progress = data.share;
			else {
				this.said = data.said;
				this.end();
			}
		};
		worker.postMessage(order);
	}

	end(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.progress = null;
	}
}
