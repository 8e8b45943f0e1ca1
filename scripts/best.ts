// npm run --silent best -- FILE (or - for standard input): which mats to pass on, and who begins next.
import { bestAnswer } from '../src/lib/stages/season/best-answer';
import { readBestFile } from '../src/lib/stages/season/best-file';
import { answerFile } from './lib/cli-json';

answerFile('best', readBestFile, bestAnswer);
