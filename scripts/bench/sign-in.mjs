// Signing in twice a second, and what it does to everybody else meanwhile: the same page before and while, in one run.
import { startApp } from '../lib/app.mjs';
import { freePort } from '../lib/cluster.mjs';
import { pause } from '../lib/say.mjs';
import { firstWord } from '../lib/sign-in.mjs';
import { print, quantile } from './figures.mjs';

const passphrase = 'velvet anchor puddle nine';
const email = 'wren@mats.example';
const aSecond = 2;
const seconds = 20;

/** @param {string} databaseUrl */
export async function benchSignIn(databaseUrl) {
	const app = await startApp({
		databaseUrl,
		port: await freePort(),
		stdio: 'ignore',
		env: {
			NEST_ROW_SIGN_IN: 'yes',
			NEST_ROW_SECRET: 'a secret of the bench, and of no other',
			// Each comes from an address of its own: one that signs in so often is stopped.
			ADDRESS_HEADER: 'x-forwarded-for'
		}
	});
	let came = 0;
	/** @param {string} path @param {Record<string, string>} form */
	const post = (path, form) =>
		fetch(app.address + path, {
			method: 'POST',
			redirect: 'manual',
			headers: {
				origin: app.address,
				accept: 'text/html',
				'x-forwarded-for': `192.0.2.${++came % 250}`
			},
			body: new URLSearchParams(form)
		});
	try {
		const word = (await firstWord(databaseUrl)) ?? '';
		const begun = await post('/welcome?/begin', { word, name: 'Wren', email, passphrase });
		const cookie = begun.headers
			.getSetCookie()
			.map((one) => one.split(';')[0])
			.join('; ');
		/** How long the page took, again and again for so long. @param {number} forMs */
		const others = async (forMs) => {
			const times = [];
			for (const end = performance.now() + forMs; performance.now() < end;) {
				const from = performance.now();
				const answer = await fetch(`${app.address}/gather`, { headers: { cookie } });
				await answer.text();
				if (answer.status !== 200) throw new Error(`the page answered ${answer.status}`);
				times.push(performance.now() - from);
				await pause(20);
			}
			return times;
		};
		await others(3000);
		const before = await others((seconds * 1000) / 2);
		/** @type {number[]} */
		const signIns = [];
		const signing = Array.from({ length: aSecond * seconds }, async (_, at) => {
			await pause((at * 1000) / aSecond);
			const from = performance.now();
			const answer = await post('/sign-in?/in', { email, passphrase, back: '/' });
			if (answer.status !== 303) throw new Error(`signing in answered ${answer.status}`);
			signIns.push(performance.now() - from);
		});
		const [meanwhile] = await Promise.all([others(seconds * 1000), ...signing]);
		print('sign-in: twice a second, 95th percentile', quantile(signIns, 0.95), 'ms', 400);
		for (const share of [0.5, 0.95])
			print(
				`sign-in: a page meanwhile against before, ${share === 0.5 ? 'medians' : '95th percentiles'}`,
				quantile(meanwhile, share) / quantile(before, share),
				'times',
				1.3
			);
	} finally {
		await app.stop();
	}
}
