import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { stepsOf } from '../src/lib/stages/know-how/lessons';
import { box, usualThings } from '../src/lib/stages/know-how/lessons/lesson';
import { actNames } from '../src/lib/stages/know-how/links/lesson-titles';

/** An easy pace, words a minute; samples a second of two bytes; a step no longer than this, s. */
const [pace, bytesASecond, most] = [150, 2 * 22_050, 12];

const own = {
	...usualThings,
	bagName: 'your Thin carrier',
	hookMm: 8,
	loom: { sort: 'loom', pegs: 28, pitchMm: 25, pegToPegMm: 1930, hasRods: true },
	frame: { sort: 'frame', nails: 40, pitchMm: 20, lengthMm: 1900, rods: 'eyes' },
	system: 'cm',
	terms: 'us',
	box
} as const;

const home = mkdtempSync(path.join(os.tmpdir(), 'nest-row-aloud-'));
try {
	const file = path.join(home, 'step.wav');
	const read = actNames.flatMap((act) =>
		(stepsOf(act, own, 'right') ?? []).map(({ words }, at) => {
			const { status } = spawnSync('espeak-ng', ['-s', String(pace), '-w', file, words]);
			if (status !== 0) throw new Error('espeak-ng is missing: apt-get install espeak-ng');
			return { step: `${act} ${at + 1}`, seconds: statSync(file).size / bytesASecond };
		})
	);
	const byLength = read.toSorted((one, other) => other.seconds - one.seconds);
	for (const { step, seconds } of byLength.slice(0, 8))
		process.stdout.write(`${step.padEnd(28)} ${seconds.toFixed(1)} s\n`);
	const long = byLength.filter(({ seconds }) => seconds > most).length;
	process.stdout.write(`${read.length} steps read aloud, ${long} of them longer than ${most} s\n`);
	process.exitCode = long > 0 ? 1 : 0;
} finally {
	rmSync(home, { recursive: true });
}
