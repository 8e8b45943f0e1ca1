// npm run --silent best -- FILE
import { runCli } from './lib/run-cli.mjs';

await runCli('best');
