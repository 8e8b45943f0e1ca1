// npm run --silent table-day -- FILE
import { runCli } from './lib/run-cli.mjs';

await runCli('table-day');
