/** Thirty-two hexadecimal digits as a key is written; what is more of them is left out. */
export const dashed = (hex: string): string =>
	[
		[0, 8],
		[8, 12],
		[12, 16],
		[16, 20],
		[20, 32]
	]
		.map((ends) => hex.slice(...ends))
		.join('-');

/**
 * A key that no other device makes: `crypto.randomUUID` where it is there, and the same from random
 * bytes where it is not, as on a page that came without encryption.
 *
 * @source RFC 9562, version 4
 */
export function newKey(from: Pick<Crypto, 'getRandomValues'> & Partial<Crypto> = crypto): string {
	if (from.randomUUID) return from.randomUUID();
	const bytes = from.getRandomValues(new Uint8Array(16));
	bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x40;
	bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
	const hex = [...bytes].map((byte) => byte.toString(16).padStart(2, '0')).join('');
	return dashed(hex);
}
