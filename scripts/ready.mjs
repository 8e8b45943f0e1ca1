// npm run --silent ready -- FILE
import { runDoor } from './lib/run-door.mjs';

await runDoor('ready');
