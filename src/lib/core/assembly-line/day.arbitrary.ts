import fc from 'fast-check';
import type { LineDay, SeatTime } from './day';
import { lineCuts, lineStations, usualStack } from './assembly-line';

/** Rings of four a bag, cut with scissors. */
export const line = {
	piecesPerBag: 4,
	bagsPerBall: 20,
	cutTool: 'scissors',
	stack: 3,
	batch: 20
} as const;
export const nothing = { bags: 0, flat: 0, pieces: 0, joined: 0, balls: 0 };

const names = ['Wren', 'Odo', 'Mabel', 'Tilde', 'Ivo', 'Pia', 'Ines'] as const;

/** Days of up to seven people who may come late and leave early. */
export const anyDay: fc.Arbitrary<LineDay> = fc
	.record({
		minutes: fc.integer({ min: 20, max: 180 }),
		piecesPerBag: fc.integer({ min: 1, max: 8 }),
		bagsPerBall: fc.integer({ min: 1, max: 20 }),
		cutTool: fc.constantFrom(...lineCuts),
		batch: fc.integer({ min: 1, max: 20 }),
		stock: fc.record({
			bags: fc.nat(300),
			flat: fc.nat(100),
			pieces: fc.nat(200),
			joined: fc.nat(40),
			balls: fc.nat(3)
		}),
		room: fc.record(
			{ flat: fc.integer({ min: 20, max: 90 }), pieces: fc.integer({ min: 60, max: 400 }) },
			{ requiredKeys: [] }
		),
		people: fc.array(
			fc.record({
				speed: fc.constantFrom(0.6, 1, 1.3),
				station: fc.constantFrom(...lineStations),
				from: fc.double({ min: 0, max: 0.4, noNaN: true }),
				to: fc.double({ min: 0.6, max: 1, noNaN: true })
			}),
			{ maxLength: names.length }
		)
	})
	.map(({ minutes, people, piecesPerBag, bagsPerBall, cutTool, batch, stock, room }): LineDay => {
		const lengthS = minutes * 60;
		return {
			line: { piecesPerBag, bagsPerBall, cutTool, stack: usualStack(cutTool), batch },
			stock,
			room,
			lengthS,
			sittings: people.map(({ speed, station, from, to }, at): SeatTime => ({
				name: names[at] ?? '',
				speed,
				station,
				fromS: from * lengthS,
				toS: to * lengthS
			}))
		};
	});
