// When a mat will be ready: whether the intervals hold what they say, for makers nobody modelled.
import { readyRuns } from '../../src/lib/core/making/ready-on';
import { print } from './figures.mjs';
import { makerWeeks, source } from './makers';

const makers = 300;
const runs = 500;

for (const logged of [4, 8, 12]) {
	const places: number[] = [];
	const from = performance.now();
	for (let maker = 0; maker < makers; maker++) {
		const rng = source(1000 * logged + maker);
		const week = makerWeeks(rng);
		const log = Array.from({ length: logged }, week);
		// Somewhere along a mat: what is left of it is made week by week.
		const done = 0.9 * rng();
		let [share, truth] = [done, -1];
		while (share < 1 && truth < 103) {
			share += week();
			truth++;
		}
		const forecast = readyRuns(done, log, { seed: maker, runs });
		const [below, alike] = forecast.reduce(
			([less, same], one) => [less + Number(one < truth), same + Number(one === truth)],
			[0, 0]
		);
		// Weeks are whole: the place among those alike is drawn.
		places.push((below + rng() * (alike + 1)) / (runs + 1));
	}
	const within = places.filter((place) => place >= 0.1 && place <= 0.9).length / makers;
	const mean = places.reduce((sum, place) => sum + place, 0) / makers;
	print(`ready: ${logged} weeks of log, truth in the middle 80 %`, 100 * within, '% (75 to 87)');
	print(`ready: ${logged} weeks of log, its mean place`, mean, '(0.45 to 0.55)');
	print(`ready: … a forecast of ${runs} runs`, (performance.now() - from) / makers, 'ms');
}
