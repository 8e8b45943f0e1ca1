import { dashed } from '$lib/ui/new-key';
import { createHash } from 'node:crypto';

/**
 * A key for one part of what came under a key, always the same for the same part. It is a digest,
 * so that it meets neither the key of another entry nor that of another's part.
 */
export const partKey = (key: string, part: number): string => keyFor(key, String(part));

/** A key for one of several things under a key, by its own id. */
export function keyFor(key: string, id: string): string {
	const hex = createHash('sha256').update(`${key} ${id}`).digest('hex');
	// The bits that mark a name-based identifier of RFC 9562, version 8.
	const [version, variant] = ['8', ((parseInt(hex[16] ?? '0', 16) & 3) | 8).toString(16)];
	return dashed(hex.slice(0, 12) + version + hex.slice(13, 16) + variant + hex.slice(17));
}
