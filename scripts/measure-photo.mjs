// npm run --silent measure-photo -- FILE --of bag|strips|swatch|loom|mat|cover [--scale 0.992] [--thickness 9]
import { runCli } from './lib/run-cli.mjs';

await runCli('measure-photo');
