import { readFileSync } from 'node:fs';
import path from 'node:path';
import { root } from './say.mjs';

/**
 * A message as the pages say it, for what presses and reads them: `said('plan', 'BenchActs.compareWithThis')`. Without parameters.
 * @param {string} catalogue @param {string} message
 */
export function said(catalogue, message) {
	const file = path.join(root, 'src/lib/words', `${catalogue}.json`);
	/** @type {Record<string, Record<string, string>>} */
	const parts = JSON.parse(readFileSync(file, 'utf8'));
	const [part = '', key = ''] = message.split('.');
	const text = parts[part]?.[key];
	if (text === undefined) throw new Error(`${catalogue} says no ${message}`);
	return text;
}
