import { describe, expect, it } from 'vitest';
import { similarName } from './similar-name';

const known = ['Ferry kiosk', 'Town library', 'Shop', 'Room 1', 'Tide'];

describe('a name', () => {
	it.each([
		['Town libary', 'Town library'],
		['town  libraary', 'Town library'],
		['Fery kisok', 'Ferry kiosk'],
		['Tode', 'Tide'],
		['Shops', 'Shop']
	])('%s may be meant for %s', (typed, meant) => expect(similarName(typed, known)).toBe(meant));
	it.each(['Town library', ' town LIBRARY ', 'Room 2', 'Bus depot', '', 'Town hall', 'Ship yard'])(
		'%s is its own',
		(typed) => expect(similarName(typed, known)).toBeNull()
	);
	it('is compared in a moment, however long it is', () => {
		const long = 'x'.repeat(5000);
		expect(similarName(long, [`${long}y`])).toBe(`${long}y`);
	});
});
