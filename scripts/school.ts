// npm run --silent school -- FILE (or - for standard input): one practice of the craft, worked out.
import { answerSchool } from '../src/lib/stages/plan/school-door/case-file';
import { answerFile } from './lib/cli-json';

answerFile('school', answerSchool, (answer) => answer);
