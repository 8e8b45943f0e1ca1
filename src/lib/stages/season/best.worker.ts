// The best plan of a season, off the page's own thread.
import type { BestOrder, BestSaid } from './best-season';
import { bestSaid } from './best-season';

export type FromBestWorker =
	| { readonly tell: 'progress'; readonly share: number }
	| { readonly tell: 'said'; readonly said: BestSaid };

const tell = (message: FromBestWorker) => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<BestOrder>) =>
	tell({ tell: 'said', said: bestSaid(data, (share) => tell({ tell: 'progress', share })) });
