// npm run --silent restore -- FILE: puts a copy back. With DATABASE_URL into that database, which must be empty; else
// into Nest Row's own, and what was there is laid beside it under another name. --keep-rights keeps sign-ins, links and
// ways back as the copy has them.
import { existsSync, statSync } from 'node:fs';
import path from 'node:path';
import { noteHouse } from './lib/house-note.mjs';
import { ensureModules } from './lib/built.mjs';
import { startKeptCluster } from './lib/cluster.mjs';
import { holdFolder, isStillRunning, lastStart } from './lib/running.mjs';
import { Stop, runMain, say } from './lib/say.mjs';
import { ensurePostgres } from './lib/system.mjs';

await runMain(async () => {
	const keepsRights = process.argv.includes('--keep-rights');
	const file = process.argv.slice(2).find((one) => one !== '--keep-rights');
	if (!file) throw new Stop('Which file? npm run restore -- FILE');
	const isFile = existsSync(file) && statSync(file).isFile();
	if (!isFile)
		throw new Stop(
			existsSync(file)
				? `${file} is a folder. Name the copy in it: npm run restore -- ${path.join(file, 'FILE')}`
				: `There is no file ${file}.`
		);
	await ensureModules({ isQuiet: true });
	const { putBackBeside, restore } = await import('./lib/backup.mjs');
	const passphrase = process.env.NEST_ROW_BACKUP_PASSPHRASE || null;
	const given = process.env.DATABASE_URL;
	/** @param {import('./lib/copy-file.mjs').Head} head */
	const sayPutBack = ({ madeAt }) => {
		say(`Put back as it was on ${madeAt}.`);
		say(
			keepsRights
				? 'Sign-ins, links and ways back open what they opened then.'
				: 'Sign-ins, links and ways back of then are ended: people sign in anew, and links are made anew.'
		);
	};
	if (given) {
		const head = await restore(given, path.resolve(file), passphrase, { keepsRights });
		await noteHouse(given, 'put-back', { madeAt: String(head.madeAt) });
		return sayPutBack(head);
	}
	if (isStillRunning(lastStart()))
		throw new Stop('Nest Row is running from this folder: end it first.');
	await holdFolder();
	await ensurePostgres();
	const cluster = await startKeptCluster();
	try {
		const { head, former } = await putBackBeside(
			(name) => cluster.url(name),
			path.resolve(file),
			passphrase,
			{ keepsRights }
		);
		await noteHouse(cluster.url('nest_row'), 'put-back', { madeAt: String(head.madeAt) });
		sayPutBack(head);
		if (former) say(`What was here before is kept in the same server, as the database ${former}.`);
	} finally {
		if (cluster.isOurs) await cluster.stop();
	}
});
