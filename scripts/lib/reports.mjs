import { readFileSync } from 'node:fs';

/** @typedef {{ passed: number, failed: number, wrong: string[] }} Counted */

const colours = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');
/** The first lines of why something failed. @param {string | undefined} why */
const inShort = (why) => (why ?? '').replace(colours, '').split('\n').slice(0, 12).join('\n  ');

/**
 * Of a suite of Playwright's report, what did not go as it should.
 *
 * @param {any} suite
 * @returns {string[]}
 */
const wrongOf = (suite) => [
	...(suite.suites ?? []).flatMap(wrongOf),
	...(suite.specs ?? [])
		.filter((/** @type {any} */ spec) => !spec.ok)
		.map(
			(/** @type {any} */ { file, line, title, tests }) =>
				`${file}:${line} ${title}\n  ${inShort(
					tests.flatMap((/** @type {any} */ test) =>
						test.results.map((/** @type {any} */ { error }) => error?.message)
					)[0]
				)}`
		)
];

/**
 * Passed and failed of a report of Vitest or Playwright, and what is to be said of each that failed. A report that
 * was never written holds nothing: its step has failed by itself.
 *
 * @param {string} file
 * @returns {Counted}
 */
export function readReport(file) {
	let report;
	try {
		report = JSON.parse(readFileSync(file, 'utf8'));
	} catch {
		return { passed: 0, failed: 0, wrong: [] };
	}
	if (report.stats)
		return {
			passed: report.stats.expected + report.stats.flaky,
			failed: report.stats.unexpected,
			wrong: report.suites.flatMap(wrongOf)
		};
	return {
		passed: report.numPassedTests,
		failed: report.numFailedTests,
		wrong: (report.testResults ?? []).flatMap(
			(/** @type {any} */ { name, message, assertionResults }) => [
				...(message && assertionResults.length === 0 ? [`${name}\n  ${inShort(message)}`] : []),
				...assertionResults
					.filter((/** @type {any} */ { status }) => status === 'failed')
					.map(
						(/** @type {any} */ { fullName, failureMessages }) =>
							`${name} ${fullName}\n  ${inShort(failureMessages[0])}`
					)
			]
		)
	};
}
