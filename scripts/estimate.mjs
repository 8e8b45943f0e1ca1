// npm run --silent estimate -- FILE
import { runDoor } from './lib/run-door.mjs';

await runDoor('estimate');
