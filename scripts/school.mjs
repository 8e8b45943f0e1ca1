// npm run --silent school -- FILE
import { runCli } from './lib/run-cli.mjs';

await runCli('school');
