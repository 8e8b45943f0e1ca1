import type { BestOrder, BestSaid } from './best-season';
import type { FromBestWorker } from './best.worker';
import BestWorker from './best.worker?worker';

/** The best plan, worked out on this device beside the page; it can be stopped. */
export class BestBench {
	/** From 0 to 1 while it is worked out, then null. */
	progress = $state<number | null>(null);
	said = $state.raw<BestSaid | null>(null);
	#worker: Worker | null = null;

	reckon(order: BestOrder): void {
		this.end();
		this.said = null;
		this.progress = 0;
		const worker = new BestWorker();
		this.#worker = worker;
		worker.onmessage = ({ data }: MessageEvent<FromBestWorker>) => {
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
