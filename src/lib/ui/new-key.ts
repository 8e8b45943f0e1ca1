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
	return [
		hex.slice(0, 8),
		hex.slice(8, 12),
		hex.slice(12, 16),
		hex.slice(16, 20),
		hex.slice(20)
	].join('-');
}
