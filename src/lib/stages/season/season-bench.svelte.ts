import type { SeasonOrder, SeasonSaid } from './season-said';
import type { FromSeasonWorker, ToSeasonWorker } from './season.worker';
import SeasonWorker from './season.worker?worker';

/** A forecast that is worked out on this device, beside the page: by the same sums as the server's. */
export class SeasonBench {
	/** From 0 to 1 while one is worked out, then null. */
	progress = $state<number | null>(null);
	said = $state.raw<SeasonSaid | null>(null);
	#worker: Worker | null = null;
	#run = 0;

	/** Works out what is asked; what was asked before is dropped. */
	reckon(order: SeasonOrder): void {
		this.end();
		this.said = null;
		this.progress = 0;
		this.#worker = new SeasonWorker();
		const run = ++this.#run;
		this.#worker.onmessage = ({ data }: MessageEvent<FromSeasonWorker>) => {
			if (data.run !== this.#run) return;
			if (data.tell === 'progress') this.progress = data.share;
			else {
				this.said = data.said;
				this.progress = null;
			}
		};
		const asked: ToSeasonWorker = { run, order };
		this.#worker.postMessage(asked);
	}

	end(): void {
		this.#worker?.terminate();
		this.#worker = null;
		this.progress = null;
	}
}
