import type { WeekKnowledge } from '../making/week-habit';
import { drawHabit, drawWeek } from '../making/week-habit';
import type { CommonLuck } from './common-luck';
import { drawCommon } from './common-luck';
import type { SeasonNow, SeasonRun } from './now';
import type { MakerLuck } from './run-season';
import { LuckOfChecks, runSeason, seasonToRun } from './run-season';
import type { KnownMaker } from './season';
import { checkSeason, groupOf, knownMakers } from './season';
import { streamOf } from './streams';

/** All weeks of one maker in all runs, drawn once: the same as where they are drawn as they are lived through. */
class KeptLuck extends LuckOfChecks implements MakerLuck {
	private from = 0;
	private shares = new Float64Array(0);
	private drawn = 0;

	constructor(
		stream: number,
		private readonly known: WeekKnowledge,
		private readonly weeks: number,
		seed: number
	) {
		super(stream, seed);
	}

	/** Draws the runs that were not yet drawn. */
	upTo(runs: number): this {
		if (runs <= this.drawn) return this;
		const shares = new Float64Array(runs * this.weeks);
		shares.set(this.shares);
		for (let run = this.drawn; run < runs; run++) {
			const rng = streamOf(this.seed, run, this.stream);
			const habit = drawHabit(this.known, rng);
			for (let week = 0; week < this.weeks; week++)
				shares[run * this.weeks + week] = drawWeek(habit, rng);
		}
		this.shares = shares;
		this.drawn = runs;
		return this;
	}

	override begin(run: number): void {
		super.begin(run);
		this.from = run * this.weeks - 1;
	}

	gain(week: number): number {
		return this.shares[this.from + week] ?? 0;
	}
}

/** Seasons that differ in who makes what, gone through by the same luck. */
export interface KeptSeasons {
	/** The first so many runs of a season: what `seasonRuns` answers of it, all else but its makers and mats being the same. */
	readonly runsOf: (now: SeasonNow, runs: number) => SeasonRun[];
}

/**
 * Keeps the luck of a season, so that it can be gone through again and again with its mats in other hands.
 *
 * @param season as it is: its bags, days and checks are those of all that are asked about
 * @throws DomainError
 * @example keptSeasons({ weeks: 1, handedOver: 4, ready: 1, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 1).runsOf({ weeks: 1, handedOver: 4, ready: 1, inCheck: 0, mats: [], freeMakers: [], strandMats: 0, bagMats: 0, bagsPerWeek: [], tableDays: [], perTableDay: [], checks: { good: 0, mended: 0 }, newMat: { strand: 1, pace: 1 }, looms: null }, 1)[0]?.ready // [5]
 */
export function keptSeasons(season: SeasonNow, seed: number): KeptSeasons {
	const group = groupOf(season);
	const common: CommonLuck[] = [];
	/** By the stream, and then by the past of whose hands they are. */
	const kept = new Map<number, Map<readonly number[], KeptLuck>>();
	const luckOf = ({ stream, past, weeks }: KnownMaker) => {
		const own = kept.get(stream) ?? new Map<readonly number[], KeptLuck>();
		kept.set(stream, own);
		const luck = own.get(past) ?? new KeptLuck(stream, weeks, season.weeks, seed);
		own.set(past, luck);
		return luck;
	};
	return {
		runsOf(now, runs) {
			checkSeason(season, runs);
			while (common.length < runs)
				common.push(drawCommon(season, group.together, seed, common.length));
			const makers = knownMakers(now, group).map((known) => ({
				...known,
				luck: luckOf(known).upTo(runs)
			}));
			const toRun = seasonToRun(now, makers);
			return Array.from({ length: runs }, (_, run) => runSeason(toRun, common[run]!, run));
		}
	};
}
