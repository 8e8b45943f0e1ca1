import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { canRead } from '../../scripts/lib/app-user.mjs';
import { visitorWords } from '../../scripts/lib/reach.mjs';
import { ask } from '../../scripts/lib/say.mjs';
import { turnAway } from '../../scripts/lib/turn-away.mjs';

describe('what is turned away', () => {
	let port = 0;
	const server = http.createServer((request, response) =>
		turnAway(request, response, 413, 'That is too much.', {
			bytes: request.url === '/little' ? 100_000 : 2 ** 31,
			ms: 20_000
		})
	);
	beforeAll(async () => {
		await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
		port = (server.address() as AddressInfo).port;
	});
	afterAll(() => void server.close());

	/** Sends a body of so many bytes, and hears what is answered. */
	const sent = (url: string, bytes: number, headers: http.OutgoingHttpHeaders = {}) =>
		new Promise<{ status: number; type: string; text: string }>((resolve, reject) => {
			const request = http.request(
				{
					port,
					host: '127.0.0.1',
					path: url,
					method: 'POST',
					headers: { ...headers, 'content-length': bytes }
				},
				(response) => {
					let text = '';
					response.on('data', (part) => (text += String(part)));
					response.on('end', () =>
						resolve({
							status: response.statusCode ?? 0,
							type: response.headers['content-type'] ?? '',
							text
						})
					);
				}
			);
			request.on('error', reject);
			const part = Buffer.alloc(1024 * 1024, 'x');
			let left = bytes;
			const go = () => {
				while (left > 0) {
					const next = part.subarray(0, Math.min(left, part.length));
					left -= next.length;
					if (!request.write(next)) return void request.once('drain', go);
				}
				request.end();
			};
			go();
		});

	it('is told so after 120 MB as after ten bytes, and no line is cut', async () => {
		for (const bytes of [10, 120 * 1024 * 1024])
			expect(await sent('/lists', bytes)).toEqual({
				status: 413,
				type: 'text/plain; charset=utf-8',
				text: 'That is too much.\n'
			});
	}, 30_000);

	it('is told in the words of whoever asked: a page, a script of a page, another program', async () => {
		const page = await sent('/lists', 10, { accept: 'text/html,*/*' });
		expect(page.type).toContain('text/html');
		expect(page.text).toContain('<p>That is too much.</p>');
		const script = await sent('/lists', 10, {
			accept: 'application/json',
			'x-sveltekit-action': 'true'
		});
		expect(JSON.parse(script.text)).toEqual({
			type: 'error',
			status: 413,
			error: { message: 'That is too much.' }
		});
		expect(JSON.parse((await sent('/api/mix', 10)).text)).toEqual({
			problems: ['That is too much.']
		});
	});
});

describe('who comes', () => {
	it('is said at the start to be told apart by a header, or not at all behind a proxy', () => {
		expect(visitorWords({ ADDRESS_HEADER: 'X-Real-Ip' }, 'https://mats.example')).toContain(
			'X-Real-Ip'
		);
		expect(visitorWords({}, 'https://mats.example')).toContain('ADDRESS_HEADER');
		expect(visitorWords({}, 'http://127.0.0.1:4173')).toBeNull();
	});
});

describe.runIf(process.getuid?.() === 0)('the application’s own user', () => {
	it('is asked whether it can read what the application is made of', () => {
		const open = mkdtempSync(path.join(os.tmpdir(), 'nest-row-read-'));
		for (const file of ['scripts/serve.mjs', 'node_modules/pg/package.json', 'build/handler.js']) {
			mkdirSync(path.join(open, path.dirname(file)), { recursive: true });
			writeFileSync(path.join(open, file), '');
		}
		// A folder made for one alone, as a home is.
		const before = canRead('nobody', open);
		ask('chmod', ['755', open]);
		const after = canRead('nobody', open);
		rmSync(open, { recursive: true });
		expect([before, after]).toEqual([false, true]);
	});
});
