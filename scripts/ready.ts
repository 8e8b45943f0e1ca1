// npm run --silent ready -- FILE (or - for standard input): by when each mat of a list will be done.
import { readyAnswer } from '../src/lib/stages/making/ready-answer';
import { readReadyFile } from '../src/lib/stages/making/ready-file';
import { answerFile } from './lib/cli-json';

answerFile('ready', readReadyFile, readyAnswer);
