// npm run --silent backup [-- FILE]: a copy of everything in one file, sealed where NEST_ROW_BACKUP_PASSPHRASE is set.
import path from 'node:path';
import { mkdirSync } from 'node:fs';
import { ensureModules } from './lib/built.mjs';
import { dataFolder } from './lib/cluster.mjs';
import { noteHouse } from './lib/house-note.mjs';
import { withOwnDatabase } from './lib/own-database.mjs';
import { Stop, runMain, say } from './lib/say.mjs';

await runMain(async () => {
	await ensureModules({ isQuiet: true });
	const { backUp } = await import('./lib/backup.mjs');
	const { copyName, newestCopy } = await import('./lib/backups.mjs');
	const { sealOf } = await import('./lib/copy-file.mjs');
	const folder = process.env.NEST_ROW_BACKUPS ?? path.join(dataFolder(), 'backups');
	const file = path.resolve(process.argv[2] ?? path.join(folder, copyName(new Date())));
	mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 });
	await withOwnDatabase(async (url) => {
		const head = await backUp(url, file, sealOf(process.env.NEST_ROW_BACKUP_PASSPHRASE)).catch(
			(error) => {
				if (/** @type {{ code?: string }} */ (error).code === '3D000')
					throw new Stop('Nothing was ever kept here: there is no database to copy.');
				throw error;
			}
		);
		if (path.dirname(file) === path.resolve(folder))
			await noteHouse(url, 'copy', { lastAt: newestCopy(folder), problem: null });
		say(
			`Copied into ${file}: ${head.bytes} bytes, ${head.isSealed ? 'sealed by the passphrase' : 'not sealed: whoever has the file can read it'}.`
		);
	});
});
