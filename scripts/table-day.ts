// npm run --silent table-day -- FILE (or - for standard input): what a day at the table comes to.
import { dayAnswer } from '../src/lib/stages/day/case-answer';
import { readDayCase } from '../src/lib/stages/day/case-file';
import { refuse, textOf } from './lib/json-door';

const [file] = process.argv.slice(2);
if (!file) refuse(['Usage: npm run --silent table-day -- FILE   (or - to read standard input)']);
else {
	const text = textOf(file);
	const read = text === null ? null : readDayCase(text);
	if (!read) refuse([`${file}: this file cannot be read.`]);
	else if (read.problems) refuse(read.problems.map(({ path, sentence }) => `${path}: ${sentence}`));
	else process.stdout.write(`${JSON.stringify(dayAnswer(read.value), null, '\t')}\n`);
}
