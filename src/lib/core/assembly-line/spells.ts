import { defaults } from '../defaults';
import type { SeatTime } from './day';
import { momentS } from './table-at-work';

/**
 * The sittings of one person who works a while and then rests: what is longer is parted, and a shorter pause than a
 * rest does not count as one.
 *
 * @param sittings of one person, in the order of time
 * @source bench default
 * @example inSpells([{ name: 'Mabel', speed: 1, station: 'join', fromS: 0, toS: 3600 }]).map(({ fromS, toS }) => [fromS, toS]) // [[0, 1800], [2400, 3600]]
 */
export function inSpells(sittings: readonly SeatTime[]): SeatTime[] {
	const workS = 60 * defaults.shortSpellWork.value;
	const restS = 60 * defaults.shortSpellRest.value;
	const parts: SeatTime[] = [];
	let [leftS, endedS] = [workS, -Infinity];
	for (const sitting of sittings) {
		let fromS = sitting.fromS;
		while (fromS < sitting.toS - momentS) {
			if (fromS - endedS >= restS - momentS) leftS = workS;
			if (leftS <= momentS) {
				fromS = endedS + restS;
				continue;
			}
			const toS = Math.min(sitting.toS, fromS + leftS);
			parts.push({ ...sitting, fromS, toS });
			leftS -= toS - fromS;
			endedS = toS;
			fromS = toS;
		}
	}
	return parts;
}
