import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../../domain-error';
import { braid, crossingsHome } from './braid';

describe('the braid at a turn', () => {
	it('puts the outer two of three in each other’s place after three crossings, and all home after six', () => {
		expect(braid(3, 3)).toEqual([2, 1, 0]);
		expect(braid(3, 6)).toEqual([0, 1, 2]);
		expect(crossingsHome(3)).toBe(6);
	});

	it('is what hands crossing cards on a table would get', () => {
		fc.assert(
			fc.property(fc.constantFrom(3, 4), fc.integer({ min: 0, max: 60 }), (strands, crossings) => {
				let cards = 'abcd'.slice(0, strands);
				for (let crossing = 1; crossing <= crossings; crossing++) {
					const [first, second] = [cards.slice(0, 2), cards.slice(-2)];
					cards =
						crossing % 2 === 1
							? cards.slice(0, -2) + second[1] + second[0]
							: first[1] + (first[0] ?? '') + cards.slice(2);
				}
				expect(
					braid(strands, crossings)
						.map((place) => 'abcd'[place])
						.join('')
				).toBe(cards);
			})
		);
	});

	it.each([NaN, Infinity, -1, 0.5])('refuses %s crossings', (crossings) =>
		expect(() => braid(3, crossings)).toThrow(DomainError)
	);
});
