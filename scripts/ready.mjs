// npm run --silent ready -- FILE
import { runCli } from './lib/run-cli.mjs';

await runCli('ready');
