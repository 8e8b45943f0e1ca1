// npm run --silent messages: what was written to accounts in the last week, for whoever runs the machine to pass on.
// Each carries a way in: hand it to the one it is for, and to nobody else.
import { asked } from './lib/asked.mjs';
import { ensureModules } from './lib/built.mjs';
import { withOwnDatabase } from './lib/own-database.mjs';
import { runMain, say } from './lib/say.mjs';

await runMain(async () => {
	await ensureModules({ isQuiet: true });
	const { rows } = await withOwnDatabase((url) =>
		asked(url, (client) =>
			client.query(
				'select email, subject, words, made_at from account_message order by id desc limit 50'
			)
		)
	);
	if (rows.length === 0) say('No message in the last week.');
	for (const { email, subject, words, made_at: at } of rows)
		say(`${at.toISOString().slice(0, 16)}  ${email}  ${subject}\n  ${words}`);
});
