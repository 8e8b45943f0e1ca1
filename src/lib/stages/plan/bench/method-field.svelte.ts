import type { ComparedMethod } from '$lib/core/compare/compare-all';
import type { Practice } from '$lib/core/practice/practice';
import type { Plan } from '$lib/core/model/types';
import CompareWorker from './compare.worker?worker';
import type { FromWorker, ToWorker } from './compare.worker';

export type FieldOfMethods = Extract<FromWorker, { tell: 'field' }>;

/** The field of all methods, worked out beside the page. One run at a time; a newer one replaces it. */
export class MethodField {
	field = $state.raw<FieldOfMethods | null>(null);
	/** From 0 to 1 while a run is under way, else null. */
	progress = $state<number | null>(null);
	/** How long the last run took, from asking to drawing, ms. */
	tookMs = $state<number | null>(null);
	#worker = new CompareWorker();
	#run = 0;
	#from = 0;
	#waiting: ((method: ComparedMethod | null) => void) | null = null;

	constructor() {
		this.#worker.onmessage = ({ data }: MessageEvent<FromWorker>) => {
			if (data.run !== this.#run) return;
			switch (data.tell) {
				case 'progress':
					this.progress = data.share;
					break;
				case 'field':
					this.field = data;
					this.progress = null;
					this.tookMs = performance.now() - this.#from;
					break;
				case 'method':
					this.#waiting?.(data.method);
					this.#waiting = null;
					break;
			}
		};
	}

	compare(plan: Plan, practice: Practice): void {
		this.#run++;
		this.#from = performance.now();
		this.progress = 0;
		this.#ask({ ask: 'compare', run: this.#run, plan, practice });
	}

	/** The method at a place in the field. */
	method(index: number): Promise<ComparedMethod | null> {
		this.#ask({ ask: 'method', run: this.#run, index });
		return new Promise((resolve) => (this.#waiting = resolve));
	}

	end(): void {
		this.#worker.terminate();
	}

	#ask(message: ToWorker): void {
		// What the page holds in proxies is sent as plain data.
		this.#worker.postMessage(JSON.parse(JSON.stringify(message)));
	}
}
