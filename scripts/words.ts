/** Prints every message with the part that says it; `--find WORD` those that hold it; `--make` makes the code of them. */
import { writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { catalogueNames, codeOf, readCatalogue, wordsFolder } from './lib/words';

const [, , flag, sought = ''] = process.argv;
for (const name of catalogueNames()) {
	const catalogue = await readCatalogue(name);
	if (flag === '--make') {
		await writeFile(join(wordsFolder, `${name}.ts`), codeOf(name, catalogue));
		continue;
	}
	for (const [part, messages] of Object.entries(catalogue))
		for (const [key, message] of Object.entries(messages))
			if (flag !== '--find' || message.toLowerCase().includes(sought.toLowerCase()))
				console.log(`${name} ${part}.${key}: ${message}`);
}
