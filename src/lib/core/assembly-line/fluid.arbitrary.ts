import type { Chance, LineDay } from './day';
import { lineStations, lotSeconds, wholeLot } from './assembly-line';

/**
 * A second way to reckon a day, of which the first knows nothing: film flows in small steps, each
 * station as fast as the people there, never more than lies before it. Answers balls and strand in balls.
 */
export function fluidDay({ line, stock, lengthS, sittings }: LineDay, chance: Chance): number {
	const there = [
		stock.bags,
		stock.flat,
		stock.pieces,
		stock.joined * line.piecesPerBag,
		stock.balls
	];
	const perBall = line.piecesPerBag * line.bagsPerBall;
	const stepS = 1;
	for (let atS = 0; atS < lengthS; atS += stepS)
		for (const [nth, station] of lineStations.entries()) {
			const whole = wholeLot(line, station);
			const aSecond = whole / lotSeconds(line, station, whole);
			let most = 0;
			for (const sitting of sittings)
				if (sitting.station === station && sitting.fromS <= atS && atS < sitting.toS)
					most += (aSecond * stepS * sitting.speed) / chance(sitting.name, 0);
			const moved = Math.min(most, there[nth] ?? 0);
			there[nth] = (there[nth] ?? 0) - moved;
			const given =
				station === 'cut'
					? moved * line.piecesPerBag
					: station === 'ball'
						? moved / perBall
						: moved;
			there[nth + 1] = (there[nth + 1] ?? 0) + given;
		}
	return (there[4] ?? 0) + (there[3] ?? 0) / perBall;
}
