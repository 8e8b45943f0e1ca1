// npm run --silent read-aloud: has every step of every act read aloud, and says how long the longest take. For a person
// to run when words were changed; it wants Debian's espeak-ng.
import { runCli } from './lib/run-cli.mjs';

await runCli('read-aloud');
