import { within } from '../domain-error';

/** The signs of a code: figures and capitals that nobody mixes up when they are read out, without 0, 1, I, L and O. */
export const codeSigns = '23456789ABCDEFGHJKMNPQRSTUVWXYZ';

const base = codeSigns.length;
/** How many codes there are: four signs say which one, the fifth checks them. */
export const codesThereAre = base ** 4;

/** Scatters numbers that follow each other, so that labels of one sheet look unlike; shares no factor with 31. */
const scatter = 365_639;
/** What undoes it: scatter × unscatter = 1 modulo 31⁴. */
const unscatter = inverseOf(scatter, codesThereAre);

/** The inverse of a number modulo another that it shares no factor with, by Euclid. */
function inverseOf(number: number, modulus: number): number {
	let [a, b, x, y] = [number, modulus, 1, 0];
	while (b > 0) {
		const times = Math.floor(a / b);
		[a, b, x, y] = [b, a - times * b, y, x - times * y];
	}
	return ((x % modulus) + modulus) % modulus;
}

/** a × b modulo 31⁴; the product is below 2^53. */
const times = (a: number, b: number): number => (a * b) % codesThereAre;

/** The check: the sign that makes 1·a + 2·b + 3·c + 4·d + 5·e nothing modulo 31. */
function checkOf(signs: readonly number[]): number {
	const sum = signs.reduce((all, sign, at) => all + (at + 1) * sign, 0);
	// 25 is what 5 must be multiplied with to make 1 modulo 31.
	return ((base - (sum % base)) * 25) % base;
}

/**
 * The code with a number: five signs to be read out, the fifth of which checks the other four. The
 * weights 1 to 5 are all different and none of them shares a factor with 31, which is prime: so any
 * one wrong sign and any two different signs swapped are noticed.
 *
 * @param serial which code, a whole number from 0 below `codesThereAre`
 * @throws DomainError
 * @source weighted check sum modulo a prime
 * @example codeOf(0) // '22222'
 */
export function codeOf(serial: number): string {
	within('serial', serial, { atLeast: 0, atMost: codesThereAre - 1, isWhole: true });
	let left = times(serial, scatter);
	const signs: number[] = [];
	for (let at = 0; at < 4; at++) {
		signs.unshift(left % base);
		left = Math.floor(left / base);
	}
	return [...signs, checkOf(signs)].map((sign) => codeSigns[sign]).join('');
}

/** What a typed code comes to: its number, or why it is none. */
export type ReadCode =
	| { readonly code: string; readonly serial: number; readonly problem?: never }
	| { readonly problem: 'not-five-signs' | 'no-such-sign' | 'wrong-check'; readonly sign?: string };

/**
 * Reads a code as people write it: small letters, spaces and hyphens do not matter.
 *
 * @returns its number, or what is wrong: not five signs, a sign that no code has, or a check that does not fit
 * @example readCode('22 222') // { code: '22222', serial: 0 }
 */
export function readCode(text: string): ReadCode {
	const code = text.toUpperCase().replace(/[\s-]+/g, '');
	const unknown = [...code].find((sign) => !codeSigns.includes(sign));
	if (unknown !== undefined) return { problem: 'no-such-sign', sign: unknown };
	if (code.length !== 5) return { problem: 'not-five-signs' };
	const signs = [...code].map((sign) => codeSigns.indexOf(sign));
	const [check = -1] = signs.splice(4);
	if (checkOf(signs) !== check) return { problem: 'wrong-check' };
	const scattered = signs.reduce((all, sign) => all * base + sign, 0);
	return { code, serial: times(scattered, unscatter) };
}
