// Who the application is to the machine: where Nest Row is started as root, a user of its own, who owns nothing there.
import path from 'node:path';
import { ask, root, say } from './say.mjs';

const name = 'nest-row';
/** What it must be able to read, the last of what is built. */
const needed = ['scripts/serve.mjs', 'node_modules/pg/package.json', 'build/handler.js'];

/** Whether a user can read what the application is made of. @param {string} user @param {string} folder */
export const canRead = (user, folder) =>
	ask('runuser', [
		'-u',
		user,
		'--',
		'sh',
		'-c',
		'test -x "$0" && for file in "$@"; do test -r "$file" || exit 1; done',
		process.execPath,
		...needed.map((file) => path.join(folder, file))
	]) !== null;

/** The numbers of a user of the machine, as a process is started by them; null where there is none of that name. @param {string} user */
export function userOf(user) {
	const [uid, gid] = [ask('id', ['-u', user]), ask('id', ['-g', user])];
	return uid === null || gid === null ? null : { uid: Number(uid), gid: Number(gid) };
}

/** @type {{ uid: number, gid: number } | null | undefined} */
let known;

/**
 * Who the application is started as; null where that is whoever starts it. The user is made once, as the database's is:
 * without a home, a shell or a passphrase. Where it cannot read this folder, that is said and the application runs as root.
 */
export function appUser() {
	if (known !== undefined) return known;
	known = null;
	if (process.getuid?.() !== 0) return known;
	if (userOf(name) === null)
		ask('useradd', [
			'--system',
			'--user-group',
			'--no-create-home',
			'--home-dir',
			'/nonexistent',
			'--shell',
			'/usr/sbin/nologin',
			name
		]);
	const made = userOf(name);
	if (made === null) say(`The user ${name} could not be made, so the application runs as root.`);
	else if (!canRead(name, root))
		say(
			`The user ${name} cannot read ${root}, so the application runs as root. In a folder that every user may read, such as /srv/nest-row, it does not.`
		);
	else known = made;
	return known;
}
