// npm run --silent table-day -- FILE (or - for standard input): what a day at the table comes to.
import { dayAnswer } from '../src/lib/stages/table-day/case-answer';
import { readDayCase } from '../src/lib/stages/table-day/case-file';
import { answerFile } from './lib/cli-json';

answerFile('table-day', readDayCase, dayAnswer);
