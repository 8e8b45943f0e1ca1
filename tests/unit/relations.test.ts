import { readFile } from 'node:fs/promises';
import { expect, it } from 'vitest';
import { written } from '$lib/core/explain/written';
import { writtenFile, writtenRelations } from '../../scripts/lib/relations';

it('what is written of the relations is made of the relations as they are', async () => {
	expect(await readFile(writtenFile, 'utf8')).toBe(await writtenRelations());
});

it.each([
	[written.cut.ringPieceMm('C', written.joint.takeUpMm(6, 'd', 0)), 'C / 2 - 6 * d'],
	[written.cut.ringPieceMm('C', written.joint.takeUpMm(0, 'd', 40)), 'C / 2 - 40'],
	[written.bands.rowsPerBand('l', written.bands.rowPitchMm('d', 1)), 'l / (0.9 * d)'],
	[written.work.cut('a + b', 's', 'k'), '(a + b) / (1 - s) * k'],
	[written.twined.ofPanels('a', written.pegLoom.shortPieceMm('l', 'n', 'p')), 'a * (l - n * p)']
])('a relation within a relation keeps together what belongs together: %s', (text, wanted) => {
	expect(text).toBe(wanted);
});
