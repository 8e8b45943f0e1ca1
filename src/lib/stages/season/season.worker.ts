// What a season will bring, off the page's own thread.
import type { SeasonOrder, SeasonSaid } from './season-said';
import { seasonSaid } from './season-said';
import type { FromWorker } from './worker-bench.svelte';

const tell = (message: FromWorker<SeasonSaid>) => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<SeasonOrder>) =>
	tell({ tell: 'said', said: seasonSaid(data, (share) => tell({ tell: 'progress', share })) });
