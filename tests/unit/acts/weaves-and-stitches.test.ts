import { describe, expect, it } from 'vitest';
import type { Rope } from '../../../src/lib/core/drawing/rope';
import { crossingsOf, ropeLine } from '../../../src/lib/core/drawing/rope';
import {
	bandStrands,
	bentBack,
	braided,
	doubled,
	earlierWeaver,
	linkedWeaver
} from '../../../src/lib/core/acts/band-curves';
import {
	ballJoin,
	chainRow,
	places,
	placeX,
	rowFoot,
	rowInWork,
	slipKnot,
	standingStitch,
	topOf,
	turnedRow
} from '../../../src/lib/core/acts/crochet-pictures';
import { metBy, passesOf } from '../../../src/lib/core/acts/crossing-order';
import {
	coverSides,
	drawnTie,
	lineLong,
	lyingRoll,
	strapBow,
	tuckedEnds
} from '../../../src/lib/core/acts/finish-pictures';
import {
	loopRow,
	loopsDrawn,
	nailLoops,
	nailPath,
	panelSeam,
	ringChain
} from '../../../src/lib/core/acts/frame-pictures';
import { wristJoint } from '../../../src/lib/core/acts/joint-curves';
import {
	chainOff,
	drawnOf,
	edged,
	edgedWarp,
	edgedWeft,
	jointX,
	laidStrands,
	loomAt,
	weftStart
} from '../../../src/lib/core/acts/loom-pictures';
import { stitchStates } from '../../../src/lib/core/acts/stitch-states';
import { chain } from '../../../src/lib/core/acts/strand-curves';
import { twinedPair, warp } from '../../../src/lib/core/acts/weave-curves';
import { rollMat } from '../../../src/lib/core/finish/roll';
import { isOver } from '../../../src/lib/core/techniques/peg-loom/over-under';
import { stitches } from '../../../src/lib/core/techniques/crochet/stitches';
import { mapsToThree } from './link-group';

const alternates = (passes: readonly string[]): boolean =>
	passes.every((pass, at) => at === 0 || pass !== passes[at - 1]);
/** A strand with its ends joined far outside the picture. */
const closed = (rope: Rope): Rope => {
	const [first = [0, 0, 0], last = [0, 0, 0]] = [rope.points[0], rope.points.at(-1)];
	return {
		...rope,
		points: [...rope.points, [last[0], -40, last[2]], [-60, -40, 0], [-60, first[1], first[2]]],
		isClosed: true
	};
};

describe('crochet, as it is drawn', () => {
	it('a slip knot pulls free by itself, and does not with the hook through its loop', () => {
		const knot = closed(slipKnot(1));
		const hook: Rope = {
			points: [
				[90, 29.7, 30],
				[90, 29.7, 0],
				[90, 29.7, -30],
				[94, 10, -30],
				[96, -20, -30],
				[90, -24, 0],
				[84, -20, 30],
				[86, 10, 30]
			],
			wide: 1,
			tone: 'quiet',
			isClosed: true
		};
		const beside: Rope = {
			...hook,
			points: hook.points.map(([x, y, z]) => [x + 60, y, z] as const)
		};
		expect(mapsToThree([knot])).toBe(6);
		expect(mapsToThree([knot, beside])).toBe(36);
		expect(mapsToThree([knot, hook])).not.toBe(36);
	});
	it('a chain draws one loop more than it has stitches: the last is on the hook', () => {
		const found = crossingsOf([ropeLine(chain(4, 1, 14, 16, 36))]);
		expect(
			found.filter(({ over, under }) => Math.abs(over.at - under.at) > 12).length
		).toBeGreaterThanOrEqual(9);
	});
	it.each(['sc', 'hdc', 'dc'] as const)(
		'a first row of %s stands in every chain once, from the one after the turning chains',
		(stitch) => {
			const { turningChains } = stitches[stitch];
			const { links, into } = chainRow(5, turningChains, 5);
			expect([links, into.length, into[0]]).toEqual([5 + turningChains, 5, turningChains + 1]);
			expect(new Set(into).size).toBe(into.length);
			expect(into.at(-1)).toBe(links);
		}
	);
	it.each(['sc', 'hdc', 'dc'] as const)(
		'a %s adds one stitch, in the next place, about both top strands there',
		(stitch) => {
			const states = stitchStates(stitch);
			const last = states.at(-1) ?? null;
			const [before, after] = [rowInWork(stitch, 2, null, false), rowInWork(stitch, 2, last, true)];
			expect([before.stitches.length, after.stitches.length]).toEqual([2, 3]);
			expect(after.stitches.map(({ place }) => place)).toEqual([0, 1, 2]);
			// One leg before both strands of the top below, one behind.
			const stood = after.stitches[2];
			if (!stood) throw new Error('no stitch');
			const met = metBy([stood.legs, topOf(placeX(2), rowFoot, 'film-other')], 0);
			expect(met.filter(({ pass }) => pass === 'over').length).toBe(2);
			expect(met.filter(({ pass }) => pass === 'under').length).toBe(2);
			// As many loops on the hook as the state says, and one at the end, out of the new stitch's top.
			for (const [nth, state] of states.entries())
				expect(rowInWork(stitch, 2, state, nth === states.length - 1).loops).toHaveLength(
					state.loops
				);
			const top = stood.top.points.map(([, y]) => y);
			expect(after.loops[0]?.points[0]?.[1]).toBeGreaterThan(Math.min(...top) - 1);
			expect(before.below).toHaveLength(places);
		}
	);
	it('a hook that goes in passes under both top strands of the next place', () => {
		const into = stitchStates('sc')[0];
		if (!into) throw new Error('no state');
		const { hook, below } = rowInWork('sc', 2, into, false);
		const met = metBy([hook, below[2] ?? hook], 0).filter(({ other }) => other === 1);
		expect(met.map(({ pass }) => pass)).toEqual(['under', 'under']);
	});
	it('a turn has as many stitches as the row before, the first right below the chain; one skipped place is one less', () => {
		for (const stitch of ['sc', 'hdc', 'dc'] as const) {
			const { turningChains } = stitches[stitch];
			const good = turnedRow(6, turningChains, 6, 0);
			expect([good.links, good.first.length, good.next.length, good.next[0]]).toEqual([
				turningChains,
				6,
				6,
				0
			]);
		}
		expect(turnedRow(6, 1, 6, 1).next).toHaveLength(5);
		expect(standingStitch('dc', 0, 'weft').bars).toHaveLength(1);
	});
	it('a new ball passes through the eye of the last ring where that is as long as the ball is round', () => {
		const xs = ballJoin(2).last.points.map(([x]) => x);
		const { ball, radius, last } = ballJoin(2);
		expect(ball[0] > Math.min(...xs) && ball[0] < Math.max(...xs)).toBe(true);
		// Round the drawn eye is as long as round the drawn ball, or longer.
		const eye = lineLong(ropeLine(last).map(([x, y]) => [Math.max(0, x), y] as const));
		expect(eye).toBeGreaterThan(2 * Math.PI * radius);
	});
});

describe('the peg loom, as it is drawn', () => {
	it('holds two strands more than pegs, two at each edge, and its joints far from the pegs', () => {
		const strands = laidStrands(28);
		expect(strands).toHaveLength(30);
		expect([0, 1, 27].map((peg) => strands.filter((one) => one.peg === peg).length)).toEqual([
			2, 1, 2
		]);
		// 1,930 mm from peg to peg: 75 mm are four units of the drawing.
		const unit = (loomAt.right - loomAt.left) / 1930;
		expect(Math.min(jointX - loomAt.left, loomAt.right - jointX)).toBeGreaterThan(75 * unit);
	});
	it('is drawn with as many pegs as there are, or fewer that are odd or even alike', () => {
		for (const there of [3, 4, 5, 28, 29, 60])
			expect([drawnOf(there, 5) % 2, drawnOf(there, 5) <= 5, drawnOf(there, 5) <= there]).toEqual([
				there % 2,
				true,
				true
			]);
	});
	it('begins its weft round both edge strands and the rod: each is crossed four times, twice under, twice over', () => {
		const ropes = weftStart(3);
		for (const strand of [0, 1, 2]) {
			const met = metBy(ropes, strand).filter(({ other }) => other === 3);
			expect(met.map(({ pass }) => pass).toSorted()).toEqual(['over', 'over', 'under', 'under']);
		}
		// The edge alone is free.
		expect(crossingsOf(ropes.slice(0, 3).map(ropeLine))).toEqual([]);
	});
	it('alternates along the weft through all rows, the edge taken as one strand', () => {
		const { ropes, bundleOf } = edgedWarp(edged, 76, -4, true);
		const rows = 4;
		const all = [...ropes, edgedWeft(rows, isOver, edged, 1)];
		const passes = passesOf(all, ropes.length, (other) => bundleOf[other] ?? null);
		expect(passes).toHaveLength(rows * edged.strands);
		for (let row = 0; row < rows; row++) {
			const own = passes.slice(row * edged.strands, (row + 1) * edged.strands);
			expect(alternates(own)).toBe(true);
			// Row i lies over strand j where i + j is even.
			const strand = row % 2 === 0 ? 1 : edged.strands;
			expect(own[0] === 'over').toBe((row + 1 + strand) % 2 === 0);
		}
		// Both edge strands and the rod are passed alike in every row.
		for (const row of [0, 1]) {
			const y = edged.foot - (row + 0.5) * edged.pitch;
			const near = metBy(all, ropes.length).filter(
				(met) => Math.abs(met.y - y) < 2 && bundleOf[met.other] === 1
			);
			expect(near.length).toBeGreaterThanOrEqual(3);
			expect(new Set(near.map(({ pass }) => pass)).size).toBe(1);
		}
	});
	it('comes off peg by peg, each loop through the next: a link less than pegs', () => {
		const { loops, links } = chainOff(5, 5);
		expect([loops.length, links]).toEqual([5, 4]);
		for (let loop = 0; loop + 1 < loops.length; loop++) {
			const met = metBy(loops, loop + 1).filter(({ other }) => other === loop);
			expect(new Set(met.map(({ pass }) => pass)).size, `loop ${loop}`).toBe(2);
		}
		expect(chainOff(5, 1).links).toBe(0);
	});
});

describe('the frame, as it is drawn', () => {
	it('takes each nail once, in order, head and foot in turn', () => {
		const { nails } = nailPath(1, 5);
		expect(
			nails.map(({ end }) => end).every((end, at) => end === (at % 2 === 0 ? 'head' : 'foot'))
		).toBe(true);
		expect(nails.map(({ nail }) => nail)).toEqual(
			Array.from({ length: 10 }, (_, at) => Math.floor(at / 2))
		);
		expect(Array.from({ length: 3 }, (_, nail) => ringChain(nail, 4, 3)).flat()).toHaveLength(12);
	});
	it.each(['foot', 'head'] as const)(
		'crosses the halves inside every loop of the %s: over one leg, under the other, and opposite to each other',
		(end) => {
			const loops = nailLoops(end);
			const ropes = [...loops, ...loopRow(end, 1, 'inside')];
			for (let loop = 0; loop < loopsDrawn; loop++) {
				const [one = [], other = []] = [0, 1].map((half) =>
					metBy(ropes, loopsDrawn + half)
						.filter((met) => met.other === loop)
						.map(({ pass }) => pass)
				);
				expect([one.length, other.length]).toEqual([2, 2]);
				expect([one[0] === one[1], other[0] === other[1], one[0] === other[0]]).toEqual([
					false,
					false,
					false
				]);
			}
			// The wrong picture: the same on both legs.
			const wrong = [...loops, ...loopRow(end, 1, 'behind')];
			for (let loop = 0; loop < loopsDrawn; loop++)
				expect(
					new Set(
						metBy(wrong, loopsDrawn)
							.filter((met) => met.other === loop)
							.map(({ pass }) => pass)
					).size
				).toBe(1);
		}
	);
	it('twines one over and one under on every end, changed on the next, the pair always crossing one way', () => {
		const at = { left: 14, right: 106, foot: 70, pitch: 13, wide: 3 };
		const ends = 6;
		for (const row of [1, 2]) {
			const ropes = [...warp(ends, at, 74, -2), ...twinedPair(ends, row, at)];
			const passes = [0, 1].map((half) =>
				passesOf(ropes, ends + half, (other) => (other < ends ? other : null))
			);
			for (const own of passes) {
				expect(own).toHaveLength(ends);
				expect(alternates(own)).toBe(true);
			}
			expect(passes[0]?.every((pass, nth) => pass !== passes[1]?.[nth])).toBe(true);
			const signs = metBy(ropes, ends)
				.filter(({ other }) => other === ends + 1)
				.map(({ sign }) => sign);
			expect(signs.length).toBeGreaterThanOrEqual(ends - 1);
			expect(new Set(signs).size).toBe(1);
			// Where the leading strand passes below once, one sign is another.
			const odd = [...warp(ends, at, 74, -2), ...twinedPair(ends, row, at, 1, 2)];
			expect(
				new Set(
					metBy(odd, ends)
						.filter(({ other }) => other === ends + 1)
						.map(({ sign }) => sign)
				).size
			).toBe(2);
		}
	});
	it('laces panels end to end through every loop of both, over one leg and under the other', () => {
		const { near, far, lace } = panelSeam(4, 1, 0);
		const ropes = [...near, ...far, lace];
		const passes = [...near, ...far].map((_, loop) =>
			metBy(ropes, 8)
				.filter(({ other }) => other === loop)
				.map(({ pass }) => pass)
		);
		expect(passes).toEqual(Array.from({ length: 8 }, () => ['over', 'under']));
	});
});

describe('bands, as they are drawn', () => {
	const along = 3;
	const place = { left: 8, right: 114, top: 8, apart: 10 } as const;
	const lanes = (first: number) => bandStrands(along, -4, 124, place.top, place.apart, first);
	it('begin with four rings, joined once', () => {
		expect(doubled(wristJoint(2))).toHaveLength(4);
	});
	it('are woven over, under, over, and back under, over, under, without a break', () => {
		const ropes = [...lanes(along), linkedWeaver(along, 6, 1, place, false)];
		const passes = passesOf(ropes, along, (other) => (other < along ? other : null));
		expect(passes).toHaveLength(18);
		expect(passes.slice(0, 3)).toEqual(['over', 'under', 'over']);
		expect(alternates(passes)).toBe(true);
	});
	it('turn with six crossings home and three half way, and bent back are the same braid', () => {
		const straight = braided(along, 6, 11, { x: 30, y: 10, apart: 8 }, 3, 1);
		const bent = bentBack(straight, 40, 36);
		const made = (ropes: readonly Rope[]) => crossingsOf(ropes.map(ropeLine)).length;
		expect([made(straight), made(bent)]).toEqual([6, 6]);
		// Bent right round, the strand that was outermost lies outermost again, and points back.
		const ends = bent.map(({ points }) => points.slice(-2));
		for (const [before = [0, 0, 0], last = [0, 0, 0]] of ends)
			expect(last[0]).toBeLessThan(before[0]);
	});
	it('link at every return: under the old weaver’s turn and back over it, the alternation going on through', () => {
		const passes = 6;
		const old = earlierWeaver(along, passes, place);
		const ropes = [...lanes(0), old, ...lanes(along), linkedWeaver(along, passes, 1, place)];
		const weaver = ropes.length - 1;
		const met = metBy(ropes, weaver).filter(({ other }) => other === along || other > along);
		const links = met.filter(({ other }) => other === along).map(({ pass }) => pass);
		// Passes that come up end in a return: half of them, and none after the last.
		expect(links.length).toBeGreaterThanOrEqual(4);
		expect(links.slice(0, 4)).toEqual(['under', 'over', 'under', 'over']);
		const own = met.slice(0, 16).map(({ pass }) => pass);
		expect(alternates(own)).toBe(true);
		// What comes towards the old band crosses its last strand over.
		const first = met.findIndex(({ other }) => other === along);
		expect(met[first - 1]?.pass).toBe('over');
		// The bare strands of the old band are not touched.
		expect(metBy(ropes, weaver).filter(({ other }) => other < along)).toEqual([]);
	});
	it('are ended by four ends, each through every gap in turn, opposite to the one beside', () => {
		const ropes = tuckedEnds(4, 1);
		const passes = [0, 1, 2, 3].map((end) =>
			passesOf(ropes, 6 + end, (other) => (other < 6 ? other : null))
		);
		for (const own of passes) {
			expect(own).toHaveLength(4);
			expect(alternates(own)).toBe(true);
		}
		for (const [nth, own] of passes.entries())
			if (nth > 0) expect(own[0]).not.toBe(passes[nth - 1]?.[0]);
	});
});

describe('the finish, as it is drawn', () => {
	const roll = rollMat({ widthMm: 850, lengthMm: 1850, thicknessMm: 8 });
	it('draws tie and strap as long for the roll as they are', () => {
		const { long, girth } = drawnTie(roll, 1200, 0.07);
		expect(long / girth).toBeCloseTo(1200 / (Math.PI * roll.diameterMm), 9);
		const lying = lyingRoll(roll, 0.06);
		const strap = lineLong(strapBow(roll, lying, 1500));
		expect(strap / (lying.right - lying.left) / (1500 / roll.lengthMm)).toBeCloseTo(1, 2);
	});
	it('sews all four sides of a pillow: none stays open', () => {
		expect(coverSides(3)).toEqual(['sewn', 'sewn', 'sewn', 'open']);
		expect(coverSides(4).includes('open')).toBe(false);
	});
});
