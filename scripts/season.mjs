// npm run --silent season -- FILE
import { runCli } from './lib/run-cli.mjs';

await runCli('season');
