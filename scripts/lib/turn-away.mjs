// What a request is told that is not let in, before the application sees it.
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './say.mjs';

/** A body that is refused is read away up to so much, and for so long (the server ends any request after five minutes): who is still sending hears no answer. */
const patience = { bytes: 2 ** 31, ms: 4 * 60_000 };

const plainPage = readFileSync(path.join(root, 'src/error.html'), 'utf8');

/**
 * A sentence, as whoever asked can read it: a script of the page's, another program, or a person.
 * @param {import('node:http').IncomingMessage} request @param {number} status @param {string} sentence
 */
function answerFor({ headers, url }, status, sentence) {
	if (headers['x-sveltekit-action'] === 'true')
		return {
			type: 'application/json',
			body: JSON.stringify({ type: 'error', status, error: { message: sentence } })
		};
	if (url?.startsWith('/api/'))
		return { type: 'application/json', body: JSON.stringify({ problems: [sentence] }) };
	return headers.accept?.includes('text/html')
		? {
				type: 'text/html; charset=utf-8',
				body: plainPage.replace('%sveltekit.error.message%', sentence)
			}
		: { type: 'text/plain; charset=utf-8', body: `${sentence}\n` };
}

/**
 * Answers a request with a sentence, once its body is read away.
 * @param {import('node:http').IncomingMessage} request
 * @param {import('node:http').ServerResponse} response
 * @param {number} status @param {string} sentence
 * @param {{ bytes: number, ms: number }} [most] of a body that is read away
 */
export function turnAway(request, response, status, sentence, most = patience) {
	const answer = () => {
		clearTimeout(timer);
		if (response.headersSent) return;
		const { type, body } = answerFor(request, status, sentence);
		response.writeHead(status, {
			'content-type': type,
			// What was sent is perhaps not read to its end, so the line it came on cannot be used again.
			connection: 'close'
		});
		response.end(body);
	};
	const timer = setTimeout(answer, most.ms);
	let read = 0;
	request.on('data', (part) => {
		read += part.length;
		if (read > most.bytes) answer();
	});
	request.on('end', answer);
	request.on('close', () => clearTimeout(timer));
}
