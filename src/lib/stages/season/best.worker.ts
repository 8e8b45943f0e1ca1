// The best plan of a season, off the page's own thread.
import type { BestOrder, BestSaid } from './best-season';
import { bestSaid } from './best-season';
import type { FromWorker } from './worker-bench.svelte';

const tell = (message: FromWorker<BestSaid>) => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<BestOrder>) =>
	tell({ tell: 'said', said: bestSaid(data, (share) => tell({ tell: 'progress', share })) });
