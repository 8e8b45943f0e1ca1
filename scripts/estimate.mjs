// npm run --silent estimate -- FILE
import { runCli } from './lib/run-cli.mjs';

await runCli('estimate');
