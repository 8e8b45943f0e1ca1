import { once } from 'node:events';
import { startApp } from '../../scripts/lib/app.mjs';
import { freePort } from '../../scripts/lib/cluster.mjs';
import { expect, test } from './app';

test('one that was told to end answers on until the proxy knows, and leaves no line open behind it', async ({
	app,
	request
}) => {
	const leaving = await startApp({
		databaseUrl: app.databaseUrl,
		port: await freePort(),
		env: { NEST_ROW_DRAIN: '2' },
		stdio: 'ignore'
	});
	const ended = once(leaving.child, 'exit');
	try {
		const asked = async (path: string) => {
			const answer = await request.get(leaving.address + path);
			return [answer.status(), answer.headers()['connection']];
		};
		expect(await asked('/healthz/ready')).toEqual([200, 'keep-alive']);
		leaving.child.kill('SIGTERM');
		await expect.poll(() => asked('/healthz/ready')).toEqual([503, 'close']);
		expect(await asked('/healthz/live')).toEqual([200, 'close']);
		expect(await asked('/plan')).toEqual([200, 'close']);
		expect(await ended).toEqual([0, null]);
	} finally {
		await leaving.stop();
	}
});
