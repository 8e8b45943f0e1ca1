import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fieldLength, formatLength } from './format-length';
import { parseLength } from './parse-length';
import { fieldMass, formatMass } from './format-mass';
import { bareMassUnitOf, parseMass } from './parse-mass';

describe('parseLength', () => {
	it.each([
		['84', 'cm', 840],
		['84 cm', 'in', 840],
		['84cm', 'in', 840],
		['0.84 m', 'cm', 840],
		['0,84 m', 'cm', 840],
		['.5 m', 'cm', 500],
		['33 in', 'cm', 838.2],
		['33 inches', 'cm', 838.2],
		['2 1/2 in', 'cm', 63.5],
		['2½"', 'cm', 63.5],
		['2 ½ in.', 'cm', 63.5],
		['½ in', 'cm', 12.7],
		['1/2"', 'cm', 12.7],
		['6 ft 2', 'cm', 1879.6],
		['6\'2"', 'cm', 1879.6],
		['6′ 2½″', 'cm', 1892.3],
		['6 feet 2 inches', 'cm', 1879.6],
		['6 ft', 'cm', 1828.8],
		['1 m 83', 'cm', 1830],
		['  71.25 MM ', 'cm', 71.25],
		['-5 cm', 'cm', -50],
		['0', 'cm', 0],
		['2¼ in', 'cm', 57.15],
		['¾ in', 'cm', 19.05],
		['⅛ in', 'cm', 3.175],
		['⅜ in', 'cm', 9.525],
		['⅝ in', 'cm', 15.875],
		['⅞ in', 'cm', 22.225],
		['⅓ in', 'cm', 25.4 / 3],
		['⅔ in', 'cm', 50.8 / 3],
		['3⁄4 in', 'cm', 19.05],
		['11/16 in', 'cm', 17.4625],
		['10 11/16 in', 'cm', 271.4625],
		["5' 2''", 'cm', 1574.8],
		['−5 cm', 'in', -50],
		['-6 ft 2', 'cm', -1879.6],
		['.25 m', 'cm', 250],
		['1,2345 m', 'cm', 1234.5]
	] as const)('reads %j (bare numbers in %s)', (text, unit, mm) => {
		expect(parseLength(text, unit).mm).toBeCloseTo(mm, 6);
	});

	it('means the very number that was typed: no last digit of its own moves a row', () => {
		for (let tenths = 1; tenths < 20_000; tenths += 7)
			expect(parseLength(`${tenths / 100} cm`, 'mm').mm).toBe(tenths / 10);
	});

	it.each([
		['', 'empty'],
		['   ', 'empty'],
		['wide', 'not-understood'],
		['NaN', 'not-understood'],
		['1e9', 'not-understood'],
		['12 bananas', 'not-understood'],
		['84 cm 3', 'not-understood'],
		['6 ft 2 cm', 'not-understood'],
		['6\' -2"', 'not-understood'],
		['2 in 6 ft', 'not-understood'],
		['1/0 in', 'not-understood'],
		['1 2 3', 'not-understood'],
		['x 5 cm', 'not-understood'],
		['6 ft 2 in 3', 'not-understood'],
		['1 m 8 3', 'not-understood'],
		['1,200 mm', 'thousands-or-decimals']
	])('says that %j is %s', (text, code) => {
		expect(parseLength(text, 'cm').problem?.code).toBe(code);
	});

	it('names the part it did not understand', () => {
		expect(parseLength('12 bananas', 'cm').problem).toEqual({
			code: 'not-understood',
			part: 'bananas'
		});
	});

	it('never throws and never gives NaN, whatever is typed', () => {
		fc.assert(
			fc.property(fc.string(), (text) => {
				const read = parseLength(text, 'cm');
				expect(read.problem !== undefined || Number.isFinite(read.mm)).toBe(true);
			})
		);
	});
});

describe('lengths as they are shown', () => {
	it('read back the same, to a ruler’s reading: 0.1 mm, or half a sixteenth of an inch', () => {
		const scales = fc.constantFrom('small' as const, 'bag' as const, 'mat' as const);
		const systems = fc.constantFrom('cm' as const, 'ft' as const);
		fc.assert(
			fc.property(
				fc.double({ min: 0, max: 6000, noNaN: true }),
				systems,
				scales,
				(mm, system, scale) => {
					const read = parseLength(fieldLength(mm, system, scale), 'm');
					expect(Math.abs((read.mm ?? NaN) - mm)).toBeLessThan(system === 'ft' ? 0.8 : 0.13);
				}
			)
		);
	});

	it.each([
		[71.25, 'cm', 'small', '71 mm'],
		[845, 'cm', 'mat', '85 cm'],
		[845, 'cm', 'bag', '84.5 cm'],
		[63.5, 'ft', 'small', '2 1/2 in'],
		[1879.6, 'ft', 'mat', '6 ft 2 in'],
		[838.2, 'ft', 'mat', '33 in'],
		[300, 'ft', 'bag', '11 13/16 in'],
		[12, 'ft', 'small', '1/2 in'],
		[0, 'ft', 'small', '0 in'],
		[-50, 'cm', 'bag', '−5 cm']
	] as const)('%f mm in %s as a %s length is %j', (mm, system, scale, text) => {
		expect(formatLength(mm, system, scale)).toBe(text);
	});
});

describe('parseMass', () => {
	it.each([
		['52', 52],
		['52 g', 52],
		['0.052kg', 52],
		['0,5 kg', 500],
		['2 oz', 56.699],
		['1 lb', 453.592],
		['37 oz', 1048.932],
		['2 lb 6 oz', 1077.28],
		['2 lb 6', 1077.28],
		['1 kg 200', 1200],
		['2 lbs. 6 ounces', 1077.28]
	])('reads %j', (text, g) => expect(parseMass(text, 'g').g).toBeCloseTo(g, 2));

	it.each([
		['', 'empty'],
		['heavy', 'not-understood'],
		['5 stone', 'not-understood'],
		['1e3', 'not-understood'],
		['1,200 g', 'thousands-or-decimals'],
		['2 lb -6 oz', 'not-understood'],
		['2 oz 6 lb', 'not-understood'],
		['2 lb 6 oz 1', 'not-understood'],
		['constructor', 'not-understood'],
		['5 constructor', 'not-understood']
	])('says that %j is %s', (text, code) => expect(parseMass(text, 'g').problem?.code).toBe(code));

	it('of a number alone is in the unit of the group’s scales', () => {
		expect(parseMass('2', bareMassUnitOf('ft')).g).toBeCloseTo(56.699, 2);
		expect(parseMass('2', bareMassUnitOf('cm')).g).toBe(2);
	});
});

describe('masses as they are shown', () => {
	it.each([
		[52, 'cm', '52 g'],
		[5.2, 'cm', '5.2 g'],
		[1048, 'cm', '1.05 kg'],
		[1048.932, 'ft', '2 lb 5 oz'],
		[453.59237, 'ft', '1 lb'],
		[52, 'ft', '1.8 oz'],
		[450, 'ft', '15.9 oz'],
		[453, 'ft', '1 lb'],
		[-52, 'cm', '−52 g']
	] as const)('%f g in %s is %j', (g, system, text) => expect(formatMass(g, system)).toBe(text));

	it('read back the same from their fields', () => {
		const systems = fc.constantFrom('cm' as const, 'ft' as const);
		fc.assert(
			fc.property(fc.double({ min: 0, max: 50_000, noNaN: true }), systems, (g, system) => {
				const read = parseMass(fieldMass(g, system), 'kg');
				expect(Math.abs((read.g ?? NaN) - g)).toBeLessThan(0.02);
			})
		);
	});
});

describe('a mass for reading', () => {
	it.each([
		[9.94, 'cm', '9.9 g'],
		[9.95, 'cm', '10 g'],
		[999.4, 'cm', '999 g'],
		[999.5, 'cm', '1 kg'],
		[9994, 'cm', '9.99 kg'],
		[9995, 'cm', '10 kg'],
		[0, 'cm', '0 g'],
		[-5, 'cm', '−5 g'],
		[0.994 * 28.349523125, 'ft', '0.99 oz'],
		[0.995 * 28.349523125, 'ft', '1 oz'],
		[15.94 * 28.349523125, 'ft', '15.9 oz'],
		[15.95 * 28.349523125, 'ft', '1 lb']
	] as const)('of %d g in %s is %s', (g, system, words) =>
		expect(formatMass(g, system)).toBe(words)
	);

	it.each([
		['2 lb 3 oz 4', 'not-understood'],
		['x5 g', 'not-understood'],
		['2 lb -3 oz', 'not-understood']
	])('%s is %s', (text, code) => expect(parseMass(text, 'g').problem?.code).toBe(code));

	it.each([
		['2 lb 0 oz', 907.18474],
		['1,2345 kg', 1234.5],
		['2  lb   6 oz.', 1077.28187875]
	])('%s is %d g', (text, g) => expect(parseMass(text, 'g').g).toBeCloseTo(g, 6));
});
