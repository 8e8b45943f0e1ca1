import { writeFile } from 'node:fs/promises';
import { writtenFile, writtenRelations } from './lib/relations';

await writeFile(writtenFile, await writtenRelations());
