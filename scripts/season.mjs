// npm run --silent season -- FILE
import { runDoor } from './lib/run-door.mjs';

await runDoor('season');
