// npm run --silent season -- FILE (or - for standard input): what a season will bring, and what holds it back.
import { seasonAnswer } from '../src/lib/stages/season/season-answer';
import { readSeasonFile } from '../src/lib/stages/season/season-file';
import { answerFile } from './lib/json-door';

answerFile('season', readSeasonFile, seasonAnswer);
