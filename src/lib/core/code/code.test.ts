import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { codeOf, codeSigns, codesThereAre, readCode } from './code';

/** Every 37th code, and the first thousand: enough to meet every sign at every place many times. */
const some = [
	...Array.from({ length: 1000 }, (_, serial) => serial),
	...Array.from({ length: Math.floor(codesThereAre / 37) }, (_, nth) => nth * 37)
];

describe('a code', () => {
	it('has five of the 31 signs that nobody mixes up', () => {
		expect(codeSigns).toHaveLength(31);
		expect(codeSigns).not.toMatch(/[01ILO]/);
		expect(codeOf(1)).toMatch(/^[2-9A-HJKMNP-Z]{5}$/);
		// By hand: 365639 = 12·31³ + 8·31² + 14·31 + 25, and 12 + 2·8 + 3·14 + 4·25 = 170 = 15 (mod 31).
		expect(codeOf(1)).toBe([12, 8, 14, 25, (16 * 25) % 31].map((sign) => codeSigns[sign]).join(''));
	});

	it('is another for every number there is, and reads back to it', () => {
		const seen = new Set<string>();
		for (let serial = 0; serial < codesThereAre; serial++) {
			const code = codeOf(serial);
			seen.add(code);
			if (serial % 101 === 0) expect(readCode(code)).toEqual({ code, serial });
		}
		expect(seen.size).toBe(923_521);
	});

	it('with any one wrong sign is noticed', () => {
		const met = new Set<string>();
		for (const serial of some.slice(0, 4000)) {
			const code = codeOf(serial);
			for (let at = 0; at < 5; at++)
				for (const sign of codeSigns) {
					if (sign === code[at]) continue;
					met.add(`${at} ${code[at]} ${sign}`);
					const wrong = code.slice(0, at) + sign + code.slice(at + 1);
					if (readCode(wrong).problem !== 'wrong-check')
						throw new Error(`${code} and ${wrong} pass both`);
				}
		}
		// Every sign for every other at every place: the check is a sum, so the rest of the code does not matter.
		expect(met.size).toBe(5 * 31 * 30);
	});

	it('with any two different signs swapped is noticed', () => {
		const met = new Set<string>();
		for (const serial of some) {
			const code = codeOf(serial);
			for (let one = 0; one < 5; one++)
				for (let other = one + 1; other < 5; other++) {
					if (code[one] === code[other]) continue;
					met.add(`${one} ${other} ${code[one]} ${code[other]}`);
					const signs = [...code];
					[signs[one], signs[other]] = [signs[other] as string, signs[one] as string];
					if (readCode(signs.join('')).problem !== 'wrong-check')
						throw new Error(`${code} and ${signs.join('')} pass both`);
				}
		}
		expect(met.size).toBe(10 * 31 * 30);
	});

	it('is read as people write it, and says what is wrong', () => {
		const { code } = readCode(codeOf(77)) as { code: string };
		expect(readCode(` ${code.toLowerCase().slice(0, 2)}-${code.slice(2)} `)).toEqual({
			code,
			serial: 77
		});
		expect(readCode('2O222')).toEqual({ problem: 'no-such-sign', sign: 'O' });
		expect(readCode('222222')).toEqual({ problem: 'not-five-signs' });
		expect(readCode('')).toEqual({ problem: 'not-five-signs' });
	});

	it.each([NaN, Infinity, -1, 0.5, codesThereAre])('with the number %s is none', (serial) =>
		expect(() => codeOf(serial)).toThrow(DomainError)
	);

	it('follows another that looks unlike it', () => {
		const apart = (one: string, other: string) =>
			[...one].filter((sign, at) => sign !== other[at]).length;
		const least = Math.min(
			...Array.from({ length: 960 }, (_, serial) => apart(codeOf(serial), codeOf(serial + 1)))
		);
		expect(least).toBeGreaterThanOrEqual(3);
	});
});
