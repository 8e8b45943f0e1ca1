// What a season will bring, off the page's own thread.
import type { SeasonOrder, SeasonSaid } from './season-said';
import { seasonSaid } from './season-said';

export interface ToSeasonWorker {
	readonly run: number;
	readonly order: SeasonOrder;
}
export type FromSeasonWorker =
	| { readonly tell: 'progress'; readonly run: number; readonly share: number }
	| { readonly tell: 'said'; readonly run: number; readonly said: SeasonSaid };

const tell = (message: FromSeasonWorker) => self.postMessage(message);

self.onmessage = ({ data: { run, order } }: MessageEvent<ToSeasonWorker>) => {
	const said = seasonSaid(order, (share) => tell({ tell: 'progress', run, share }));
	tell({ tell: 'said', run, said });
};
