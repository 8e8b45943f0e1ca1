// Pictures as files are untrusted: told by their first bytes, decoded within bounds, all their notes dropped.
import {
	fileProblem,
	headerBytes,
	longSide,
	mostPixels,
	type FileProblem
} from '$lib/core/photo/header';
import type { Picture } from '$lib/core/photo/light';
import sharp from 'sharp';

sharp.cache(false);

/** A file that could not be decoded, with why. */
export class NoPicture extends Error {
	constructor(readonly problem: FileProblem) {
		super(problem);
		this.name = 'NoPicture';
	}
}

/**
 * A picture from a file, upright, at most so large as is measured.
 *
 * @throws NoPicture
 */
export async function decoded(file: Uint8Array): Promise<Picture> {
	const problem = fileProblem(file.subarray(0, headerBytes), file.length);
	if (problem) throw new NoPicture(problem);
	try {
		const { data, info } = await sharp(file, { limitInputPixels: mostPixels, failOn: 'error' })
			.rotate()
			.resize({ width: longSide, height: longSide, fit: 'inside', withoutEnlargement: true })
			.flatten({ background: '#ffffff' })
			.toColourspace('srgb')
			.ensureAlpha()
			.raw()
			.toBuffer({ resolveWithObject: true });
		return { width: info.width, height: info.height, data: new Uint8Array(data) };
	} catch {
		throw new NoPicture('not-a-picture');
	}
}

/** Long side and quality of a picture that is kept. */
const keptSide = 1200;
const keptQuality = 78;

/**
 * A picture made anew to be kept: smaller, and without any of its notes, the place where it was taken
 * among them.
 *
 * @throws NoPicture
 */
export async function madeAnew(file: Uint8Array): Promise<Uint8Array> {
	const { width, height, data } = await decoded(file);
	const jpeg = await sharp(data, { raw: { width, height, channels: 4 } })
		.resize({ width: keptSide, height: keptSide, fit: 'inside', withoutEnlargement: true })
		.flatten({ background: '#ffffff' })
		.jpeg({ quality: keptQuality })
		.toBuffer();
	return new Uint8Array(jpeg);
}
