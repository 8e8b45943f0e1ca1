// npm run --silent ready -- FILE (or - for standard input): by when each mat of a list will be done.
import { readyAnswer } from '../src/lib/stages/hand/ready-answer';
import { readReadyFile } from '../src/lib/stages/hand/ready-file';
import { answerFile } from './lib/json-door';

answerFile('ready', readReadyFile, readyAnswer);
