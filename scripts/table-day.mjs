// npm run --silent table-day -- FILE
import { runDoor } from './lib/run-door.mjs';

await runDoor('table-day');
