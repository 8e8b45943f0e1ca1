// npm run --silent measure-photo -- FILE --of bag|strips|swatch|loom|mat|cover: what a photograph tells, as JSON.
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { subjects, type Subject } from '../src/lib/core/photo/measured';
import { NoPicture } from '../src/lib/server/photo/decode';
import { measureFile } from '../src/lib/server/photo/measure-file';
import { photoAnswer } from '../src/lib/sight/photo-answer';
import { refuse } from './lib/cli-json';

const usage =
	`Usage: npm run --silent measure-photo -- FILE --of ${subjects.join('|')}` +
	'   (--scale 0.992: what the check line is, of 100 mm; --thickness 9: mm)';

/** A number within bounds; undefined where none is given, null where it is no such number. */
function numberOf(text: string | undefined, from: number, to: number): number | undefined | null {
	if (text === undefined) return undefined;
	const value = Number(text);
	return text.trim() !== '' && value >= from && value <= to ? value : null;
}

async function main(): Promise<void> {
	let read;
	try {
		read = parseArgs({
			allowPositionals: true,
			options: {
				of: { type: 'string' },
				scale: { type: 'string' },
				thickness: { type: 'string' }
			}
		});
	} catch {
		refuse([usage]);
		return;
	}
	const [file] = read.positionals;
	const of = subjects.find((subject) => subject === read.values.of) as Subject | undefined;
	if (!file || read.positionals.length > 1 || !of) {
		refuse([usage]);
		return;
	}
	const scale = numberOf(read.values.scale, 0.8, 1.25);
	const thicknessMm = numberOf(read.values.thickness, 0, 60);
	if (scale === null || thicknessMm === null) {
		refuse([scale === null ? '--scale: from 0.8 to 1.25.' : '--thickness: from 0 to 60 mm.']);
		return;
	}
	let bytes: Buffer;
	try {
		bytes = readFileSync(file);
	} catch {
		refuse([`${file}: this file cannot be read.`]);
		return;
	}
	try {
		const answer = await measureFile(bytes, of, {
			...(scale !== undefined && { scale }),
			...(thicknessMm !== undefined && { thicknessMm })
		});
		process.stdout.write(`${JSON.stringify(photoAnswer(answer), null, '\t')}\n`);
	} catch (problem) {
		if (!(problem instanceof NoPicture)) throw problem;
		const sentences = {
			'not-a-picture': 'this is no picture that can be opened (JPEG, PNG, WebP).',
			heic: 'this is a HEIC picture: send it as JPEG (in the camera’s settings: most compatible).',
			'too-large': 'more than 20 MB.',
			'too-many-pixels': 'more than 50 megapixels.'
		} as const;
		refuse([`${file}: ${sentences[problem.problem]}`]);
	}
}

await main();
