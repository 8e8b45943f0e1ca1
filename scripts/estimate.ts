// npm run --silent estimate -- FILE (or - for standard input): the figures of a plan as one JSON object.
import { readFileSync } from 'node:fs';
import { barePractice } from '../src/lib/core/practice/practice';
import { estimateAnswer } from '../src/lib/stages/plan/document/estimate-answer';
import { readPlanText } from '../src/lib/stages/plan/document/plan-file';
import { fileProblemWords } from '../src/lib/stages/plan/words/problem-words';

const [file] = process.argv.slice(2);

/** Lines on standard error, one a problem, and the exit code of a file that cannot be used. */
function refuse(lines: readonly string[]): void {
	for (const line of lines) process.stderr.write(`${line}\n`);
	process.exitCode = 2;
}

function textOf(place: string): string | null {
	try {
		return readFileSync(place === '-' ? 0 : place, 'utf8');
	} catch {
		return null;
	}
}

if (!file) {
	refuse(['Usage: npm run --silent estimate -- FILE   (or - to read standard input)']);
} else {
	const text = textOf(file);
	const read = text === null ? null : readPlanText(text);
	if (!read) refuse([`${file}: this file cannot be read.`]);
	else if (read.problems)
		refuse(
			read.problems.map((problem) => {
				const path =
					'path' in problem ? problem.path : 'problem' in problem ? problem.problem.path : 'file';
				return `${path}: ${fileProblemWords(problem, 'cm')}`;
			})
		);
	else
		process.stdout.write(
			`${JSON.stringify(estimateAnswer(read.plan, barePractice), null, '\t')}\n`
		);
}
