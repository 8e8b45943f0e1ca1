// Who the application is to the database: someone who may read and write rows of the group at hand, and who owns
// nothing. The owner, who migrates and copies, is known to the launcher alone.
import { createHmac } from 'node:crypto';
import { asked } from './asked.mjs';
import { Stop, pause } from './say.mjs';

const role = 'nest_row_app';

/** The address as the application has it; its password follows from the owner's and does not tell it. @param {string} ownerUrl */
export function appUrlOf(ownerUrl) {
	const url = new URL(ownerUrl);
	if (!url.password)
		throw new Stop(
			'DATABASE_URL has no password, so none can be made for the application; give its own address in NEST_ROW_APP_DATABASE_URL. docs/operations.md says what it needs.'
		);
	const password = createHmac('sha256', decodeURIComponent(url.password)).update(role);
	url.username = role;
	url.password = password.digest('base64url');
	return url.href;
}

/** What the application may do, said anew at every start: copies carry no rights, and migrations make new tables. */
const rights = `
	grant usage on schema public to ${role};
	grant select, insert, update, delete on all tables in schema public to ${role};
	grant usage on all sequences in schema public to ${role};
	grant execute on function groups_of_account(uuid) to ${role};
	revoke select, update, delete on account_message from ${role};
	revoke insert, update, delete on schema_migration, house_note from ${role}`;

/** @param {string} url */
async function canSignIn(url) {
	try {
		return await asked(url, async () => true);
	} catch (error) {
		// 28P01, 28000: no such role, or another password.
		if (['28P01', '28000'].includes(/** @type {{ code?: string }} */ (error).code ?? ''))
			return false;
		throw error;
	}
}

/** @param {import('pg').Client} owner @param {string} password */
async function makeRole(owner, password) {
	const { rowCount } = await owner.query('select 1 from pg_roles where rolname = $1', [role]);
	const verb = rowCount ? 'alter' : 'create';
	await owner.query(
		`${verb} role ${role} login nosuperuser nobypassrls nocreatedb nocreaterole password ${owner.escapeLiteral(password)}`
	);
}

/**
 * Makes the application's own role where it is not there, says what it may do in this database, and gives the
 * address the application is started with.
 * @param {string} ownerUrl a database that is migrated
 * @returns {Promise<string>}
 */
export const ensureAppRole = (ownerUrl) =>
	asked(ownerUrl, async (owner) => {
		const url = process.env.NEST_ROW_APP_DATABASE_URL ?? appUrlOf(ownerUrl);
		for (let attempt = 1; !(await canSignIn(url)); attempt++) {
			if (process.env.NEST_ROW_APP_DATABASE_URL || attempt > 5)
				throw new Stop(`The database does not let ${role} in with the password it was given.`);
			try {
				await makeRole(owner, decodeURIComponent(new URL(url).password));
			} catch (error) {
				const { code } = /** @type {{ code?: string }} */ (error);
				if (code === '42501')
					throw new Stop(
						`The owner of the database may not make the role ${role}; have it made once, as docs/operations.md says, and give its address in NEST_ROW_APP_DATABASE_URL.`
					);
				// Another start made or changed it in the same moment.
				if (!['42710', '23505', 'XX000'].includes(code ?? '')) throw error;
				await pause(100);
			}
		}
		for (let attempt = 1; ; attempt++) {
			try {
				await owner.query(rights);
				return url;
			} catch (error) {
				// Two starts that say the same at once.
				if (/** @type {{ code?: string }} */ (error).code !== 'XX000' || attempt === 5) throw error;
				await pause(100);
			}
		}
	});
