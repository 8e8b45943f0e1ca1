/** Prints every message with the files that say it; `--find WORD` those that hold it; `--make` makes the code of them. */
import { mkdir, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { catalogueNames, codeOf, placesOf, readCatalogue, wordsFolder } from './lib/words';

const [, , flag, sought = ''] = process.argv;

async function make(name: string): Promise<void> {
	const files = codeOf(name, await readCatalogue(name));
	await rm(join(wordsFolder, name), { recursive: true, force: true });
	await mkdir(join(wordsFolder, name));
	for (const [file, code] of files) await writeFile(join(wordsFolder, file), code);
}

const places = flag === '--make' ? new Map<string, Set<string>>() : placesOf();
const placeOf = (message: string): string => [...(places.get(message) ?? [])].join(', ');

async function print(name: string): Promise<void> {
	for (const [part, messages] of Object.entries(await readCatalogue(name)))
		for (const [key, message] of Object.entries(messages))
			if (flag !== '--find' || message.toLowerCase().includes(sought.toLowerCase()))
				console.log(`${name} ${part}.${key}: ${message}\t${placeOf(`${name} ${part}.${key}`)}`);
}

for (const name of catalogueNames()) await (flag === '--make' ? make(name) : print(name));
