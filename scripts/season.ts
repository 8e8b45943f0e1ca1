// npm run --silent season -- FILE (or - for standard input): what a season will bring, and what holds it back.
import { seasonAnswer } from '../src/lib/stages/season/season-answer';
import { readSeasonFile } from '../src/lib/stages/season/season-file';
import { answerFile } from './lib/cli-json';

answerFile('season', readSeasonFile, seasonAnswer);
