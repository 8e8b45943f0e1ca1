import { subjects } from '$lib/core/photo/measured';
import { readFile } from 'node:fs/promises';
import path from 'node:path';

/** Photographs to try the measuring by, one of each kind; they stand beside the application. */
const folder = path.resolve('examples/photos');

/** An example, a JPEG; null where there is none. */
export async function exampleOf(name: string): Promise<Uint8Array | null> {
	const of = subjects.find((subject) => subject === name);
	return of ? readFile(path.join(folder, `${of}.jpg`)).catch(() => null) : null;
}
