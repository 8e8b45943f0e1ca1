import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { colourDifference, labOf, nearestColour } from './near-colour';
import { noiseOrder } from './order';

describe('colours beside each other', () => {
	it('lie where the eye puts them', () => {
		// Red of a screen: L 53.2, a 80.1, b 67.2.
		const [l, a, b] = labOf('#ff0000');
		expect(l).toBeCloseTo(53.24, 1);
		expect(a).toBeCloseTo(80.09, 1);
		expect(b).toBeCloseTo(67.2, 1);
		expect(() => labOf('red')).toThrow(DomainError);
	});
	it('differ by as much either way, and not from themselves', () => {
		expect(colourDifference('#123456', '#123456')).toBe(0);
		expect(colourDifference('#123456', '#654321')).toBeCloseTo(
			colourDifference('#654321', '#123456'),
			9
		);
	});
	it('have a nearest one, which is never the colour itself', () => {
		const films = { white: '#f5f5f0', grey: '#8a8f94', black: '#22262b' };
		expect(nearestColour('white', films)?.colour).toBe('grey');
		expect(nearestColour('white', { white: '#ffffff' })).toBeNull();
	});
});

describe('noise', () => {
	it('keeps the balls there are and follows chance alone', () => {
		const counts = { blue: 4, white: 3, red: 1 } as const;
		const always = (value: number) => () => value;
		expect(noiseOrder(counts, always(0)).toSorted()).toEqual([
			'blue',
			'blue',
			'blue',
			'blue',
			'red',
			'white',
			'white',
			'white'
		]);
		expect(noiseOrder(counts, always(0))).not.toEqual(noiseOrder(counts, always(0.999)));
	});
});
