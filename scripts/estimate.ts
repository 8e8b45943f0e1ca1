// npm run --silent estimate -- FILE (or - for standard input): the figures of a plan as one JSON object.
import { barePractice } from '../src/lib/core/practice/practice';
import { estimateAnswer } from '../src/lib/stages/plan/document/estimate-answer';
import { readPlanText } from '../src/lib/stages/plan/document/plan-file';
import { fileProblemWords } from '../src/lib/stages/plan/words/problem-words';
import { refuse, textOf } from './lib/cli-json';

const [file] = process.argv.slice(2);

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
