import { describe, expect, it } from 'vitest';
import { sketchScene, sketchSize } from '../drawing/sketch-scene';
import { techniqueKinds } from '../techniques/technique';
import { faultTallies } from './fault-tallies';
import type { FirstFound } from './fault-tallies';
import { faultsOf } from './faults';
import { remedySketches } from './remedies';

const all = techniqueKinds.flatMap((technique) =>
	[...faultsOf(technique), 'through' as const].map((kind) => ({ kind, technique }))
);

/** Numbers of a path's absolute places, as pairs. */
const placesOf = (path: string): [number, number][] =>
	[...path.matchAll(/[ML](-?[\d.]+(?:e-?\d+)?) (-?[\d.]+(?:e-?\d+)?)/g)].map(([, x, y]) => [
		Number(x),
		Number(y)
	]);

describe('a remedy', () => {
	it.each(all)(
		'of $kind in $technique is drawn in steps that differ, on the mat’s own fabric',
		({ kind, technique }) => {
			const sketches = remedySketches(kind, technique);
			expect(sketches.length).toBeGreaterThan(0);
			const drawn = sketches.map((sketch) => JSON.stringify(sketchScene(sketch, 240, 13).marks));
			expect(new Set(drawn).size).toBe(sketches.length);
			for (const { fabrics, marks } of sketches) {
				expect(fabrics.length).toBeGreaterThan(0);
				expect(fabrics.every((fabric) => fabric.technique === technique)).toBe(true);
				expect(marks.length).toBeGreaterThan(0);
			}
		}
	);
	it.each(all)('of $kind in $technique stays within its picture', ({ kind, technique }) => {
		const width = 240;
		const height = (width * sketchSize.height) / sketchSize.width;
		for (const sketch of remedySketches(kind, technique))
			for (const mark of sketchScene(sketch, width, 13).marks) {
				const places: [number, number][] =
					'path' in mark
						? placesOf(mark.path)
						: 'words' in mark
							? [
									[mark.x, mark.y - 10],
									[mark.x, mark.y]
								]
							: [];
				for (const [x, y] of places) {
					expect(x).toBeGreaterThanOrEqual(-8);
					expect(x).toBeLessThanOrEqual(width + 8);
					expect(y).toBeGreaterThanOrEqual(-8);
					expect(y).toBeLessThanOrEqual(height + 8);
				}
			}
	});
	it('is drawn to the room there is', () => {
		const [sketch = { fabrics: [], marks: [] }] = remedySketches('torn-joint', 'crochet');
		expect(sketchScene(sketch, 120, 13)).toMatchObject({ width: 120, height: 72 });
		expect(sketchScene(sketch, 360, 13)).toMatchObject({ width: 360, height: 216 });
	});
	it('weaves over and under by turns, a row against the one below', () => {
		const fabric = { technique: 'peg-loom' as const, rows: [40, 20], counts: [4] };
		const overs = (phases?: readonly boolean[]) => {
			const { marks } = sketchScene(
				{ fabrics: [phases ? { ...fabric, phases } : fabric], marks: [] },
				120,
				13
			);
			const over = marks.at(-1);
			return over && 'path' in over ? placesOf(over.path) : [];
		};
		// Two of four are over in each row, and no column twice.
		const columns = overs().map(([x]) => Math.round(x));
		expect(columns).toHaveLength(4);
		expect(new Set(columns).size).toBe(4);
		// Where both rows meet alike, the same columns are over.
		expect(new Set(overs([true, true]).map(([x]) => Math.round(x))).size).toBe(2);
	});
});

describe('faults over mats', () => {
	const found = (more: Partial<FirstFound>): FirstFound => ({
		kinds: [],
		technique: 'crochet',
		bag: 'Thin carrier',
		week: '2026-11-23',
		...more
	});
	it('are counted over the mats that can have them, the most frequent first', () => {
		const tallies = faultTallies([
			found({ kinds: ['narrows', 'loose-tail'] }),
			found({ kinds: ['narrows'], bag: 'Milk pouch', week: '2026-11-16' }),
			found({ technique: 'peg-loom', kinds: ['loose-tail', 'loose-tail'] }),
			found({ technique: 'peg-loom', bag: null })
		]);
		expect(tallies.map(({ kind, mats, of }) => [kind, mats, of])).toEqual([
			['narrows', 2, 2],
			['loose-tail', 2, 4]
		]);
		const [narrows, tail] = tallies;
		expect(narrows?.byTechnique).toEqual([{ technique: 'crochet', mats: 2, of: 2 }]);
		expect(narrows?.byWeek.map(({ week }) => week)).toEqual(['2026-11-16', '2026-11-23']);
		expect(tail?.byTechnique).toEqual([
			{ technique: 'crochet', mats: 1, of: 2 },
			{ technique: 'peg-loom', mats: 1, of: 2 }
		]);
		// What nothing says of is not laid to any bag.
		expect(tail?.byBag).toEqual([
			{ bag: 'Thin carrier', mats: 2, of: 2 },
			{ bag: 'Milk pouch', mats: 0, of: 1 }
		]);
	});
	it('are none where none was found', () => expect(faultTallies([found({})])).toEqual([]));
	it('look back on eight weeks', () => {
		const weeks = Array.from({ length: 10 }, (_, at) => `2026-09-${String(at + 10)}`);
		const [damp] = faultTallies(weeks.map((week) => found({ kinds: ['damp'], week })));
		expect(damp?.byWeek.map(({ week }) => week)).toEqual(weeks.slice(2));
	});
});
