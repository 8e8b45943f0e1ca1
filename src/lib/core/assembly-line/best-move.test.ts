import { describe, expect, it } from 'vitest';
import { bestMove } from './best-move';
import { line, nothing } from './day.arbitrary';
import { evenly } from './people';
import { changesOf, changeS, sittingsOf, tried, type Search } from './seat-plans';

const rules = { cutTool: 'scissors', tools: {}, children: new Set<string>() } as const;
const pia = {
	name: 'Pia',
	speeds: evenly(1),
	may: ['flatten', 'join'],
	fromS: 0,
	toS: 3600
} as const;

describe('the move that helps most', () => {
	/** Pia sits where nothing lies, beside so many bags in pieces: what she would join is worth half a ball a ball’s worth. */
	const moveWith = (bagsInPieces: number) =>
		bestMove(
			{
				line,
				stock: { ...nothing, pieces: bagsInPieces * line.piecesPerBag },
				room: {},
				lengthS: 3600,
				sittings: [{ name: 'Pia', speed: 1, station: 'flatten', fromS: 0, toS: 3600 }]
			},
			[pia],
			rules,
			0,
			3600,
			[]
		);
	it('is none where it brings less than a quarter of a ball', () => {
		const balls = (bags: number) => (bags / line.bagsPerBall) * 0.5;
		expect(balls(8)).toBe(0.2);
		expect(moveWith(8)).toBeNull();
		expect(moveWith(12)).toMatchObject({ name: 'Pia', from: 'flatten', to: 'join', balls: 0 });
		expect(moveWith(12)?.worth).toBeCloseTo(balls(12), 6);
	});
});

describe('the sittings with the move', () => {
	it('are those of before with whoever moves in two places, and of a first seat in the order of the people', () => {
		const bo = { ...pia, name: 'Bo' };
		const sitting = (name: string, station: 'flatten' | 'join') => ({
			name,
			speed: 1,
			station,
			fromS: 0,
			toS: 3600
		});
		const move = bestMove(
			{
				line,
				stock: { ...nothing, pieces: 200 * line.piecesPerBag },
				room: {},
				lengthS: 3600,
				sittings: [sitting('Bo', 'flatten'), sitting('Pia', 'flatten')]
			},
			[pia, bo],
			rules,
			600,
			1800,
			[]
		);
		const own = move?.sittings.filter(({ name }) => name === move.name) ?? [];
		expect(own.map(({ station }) => station)).toEqual(['flatten', 'join']);
		expect(own[0]?.fromS).toBe(0);
		expect(own[1]?.fromS).toBeGreaterThanOrEqual(600);
		const seated = bestMove(
			{
				line,
				stock: { ...nothing, pieces: 200 * line.piecesPerBag },
				room: {},
				lengthS: 3600,
				sittings: [sitting('Bo', 'flatten')]
			},
			[pia, { ...bo, may: ['flatten'] }],
			rules,
			0,
			3600,
			[
				{
					person: { ...pia, may: ['join'] },
					stretches: [
						{ fromS: 1800, toS: 3600 },
						{ fromS: 0, toS: 1500 }
					]
				}
			]
		);
		expect(seated?.sittings.map(({ name, fromS }) => [name, fromS])).toEqual([
			['Pia', 0],
			['Pia', 1800],
			['Bo', 0]
		]);
	});
});

describe('a plan of seats', () => {
	const search: Search = {
		day: { line, stock: { ...nothing, pieces: 400 }, room: {}, lengthS: 3600 },
		people: [pia],
		free: [pia],
		may: [['flatten', 'join']],
		rules,
		judged: new Set(['Pia']),
		isHeld: false
	};
	const change = [
		[
			{ station: 'flatten', fromS: 0 },
			{ station: 'join', fromS: 1200 }
		]
	] as const;
	it('is chosen before another by a fiftieth of a ball a change', () => {
		const { worth, score } = tried(search, change);
		expect(changesOf(change)).toBe(1);
		expect(worth - score).toBeCloseTo(0.02, 9);
		const still = tried(search, [[{ station: 'join', fromS: 0 }]]);
		expect(still.worth).toBe(still.score);
	});
	it('has nobody working while they change their seat', () =>
		expect(sittingsOf(search, change).map(({ fromS, toS }) => [fromS, toS])).toEqual([
			[0, 1200 - changeS],
			[1200, 3600]
		]));
});
