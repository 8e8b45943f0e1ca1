import { expect, it } from 'vitest';
import type { SeatTime } from './day';
import { inSpells } from './spells';

const at = (fromS: number, toS: number, station: SeatTime['station'] = 'join'): SeatTime => ({
	name: 'Mabel',
	speed: 1,
	station,
	fromS,
	toS
});
const times = (sittings: readonly SeatTime[]) =>
	inSpells(sittings).map(({ fromS, toS, station }) => [fromS, toS, station]);

it('a spell goes on over a short pause and a change of seat, and ends with a rest', () => {
	expect(times([at(0, 1500), at(1620, 3600, 'ball')])).toEqual([
		[0, 1500, 'join'],
		[1620, 1920, 'ball'],
		[2520, 3600, 'ball']
	]);
	// A pause of ten minutes is a rest already.
	expect(times([at(0, 1500), at(2100, 3900)])).toEqual([
		[0, 1500, 'join'],
		[2100, 3900, 'join']
	]);
	expect(times([])).toEqual([]);
});
