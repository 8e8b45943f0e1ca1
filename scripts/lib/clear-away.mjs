// What is over and may go: groups deleted a week ago, sign-ins and ways back whose time is over.
import { asked } from './asked.mjs';

const over = [
	"delete from volunteer_group where deleted_at < now() - interval '7 days'",
	'delete from sign_in where expires_at < now()',
	'delete from verification where expires_at < now()',
	'delete from tried where expire < extract(epoch from now()) * 1000',
	"delete from account_message where made_at < now() - interval '7 days'"
];

/** @param {string} ownerUrl */
export const clearAway = (ownerUrl) =>
	asked(ownerUrl, async (client) => {
		for (const statement of over) await client.query(statement);
	});
