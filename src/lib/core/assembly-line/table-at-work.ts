import type { DayRun } from './day-state';
import type { SeatTime } from './day';
import { away, blocked, doings, starved, waiting, working } from './day-state';
import { lineStations, lotSeconds } from './assembly-line';

/** Moments nearer to each other than this are one, s. */
export const momentS = 1e-6;
/** Amounts smaller than this are nothing: strand may be a part of a bag's worth. */
const crumb = 1e-9;

/** The seats of a day at one moment: who puts down, who takes, and when that may change next. */
export class TableAtWork {
	nowS: number;
	/** How many lots of each station are in somebody's hands. */
	readonly #underWay = new Uint32Array(lineStations.length);
	#isAnyBlocked = false;
	/** The seats that are looked at now, in their order, until somebody comes or goes. */
	#active: number[] = [];
	#edgeS = -Infinity;

	constructor(private readonly run: DayRun) {
		const { figures, state } = run;
		this.nowS = state.atS;
		for (const [at, of] of figures.station.entries())
			if (state.lot[at]) this.#underWay[of] = 1 + (this.#underWay[of] as number);
	}

	/** All that happens at this moment. */
	settle(): void {
		if (this.nowS >= this.#edgeS - momentS) this.#lookAround();
		this.#putDown();
		do this.#serve();
		while (
			// Room that was made lets those who are blocked put down, and so others find a lot.
			this.#isAnyBlocked &&
			this.#putDown()
		);
	}

	/** The next moment at which anything may change. */
	nextS(): number {
		const { doing, endsAtS } = this.run.state;
		let next = this.#edgeS;
		for (const at of this.#active) {
			const endS = endsAtS[at] as number;
			if (doing[at] === working && endS < next) next = endS;
		}
		return next;
	}

	/** Who is at the table, until somebody comes or goes. */
	#lookAround(): void {
		const { fromS, toS, station } = this.run.figures;
		const { lot } = this.run.state;
		const nowS = this.nowS;
		this.#active = [];
		this.#edgeS = Infinity;
		for (let at = 0; at < station.length; at++) {
			const [beginS, endS] = [fromS[at] as number, toS[at] as number];
			if (beginS > nowS + momentS) {
				if (beginS < this.#edgeS) this.#edgeS = beginS;
				continue;
			}
			if (endS > nowS + momentS && endS < this.#edgeS) this.#edgeS = endS;
			// Whoever has gone and could not put down is looked at until it is.
			if (endS >= nowS + momentS || lot[at] !== 0) this.#active.push(at);
			else this.#becomes(at, away);
		}
	}

	#becomes(at: number, what: number): void {
		const { doing, spentS, sinceS } = this.run.state;
		if (doing[at] === what) return;
		const spent = at * doings.length + (doing[at] as number);
		const endS = Math.min(this.nowS, this.run.figures.toS[at] as number);
		const ranS = endS - (sinceS[at] as number);
		if (ranS > 0) spentS[spent] = (spentS[spent] as number) + ranS;
		doing[at] = what;
		sinceS[at] = this.nowS;
	}

	/** The lot a station finds: a whole one, or the last of what there is where nothing more can come. */
	#found(of: number): number {
		const { there } = this.run.state;
		const whole = this.run.figures.whole[of] as number;
		const lies = there[of] as number;
		if (lies >= whole - crumb) return whole;
		if (of === 3 || lies < crumb) return 0;
		for (let before = 0; before < of; before++)
			if ((there[before] as number) > crumb || (this.#underWay[before] as number) > 0) return 0;
		return lies;
	}

	/** Puts down what is done; whether anything was. */
	#putDown(): boolean {
		const { there, lot, lots, endsAtS } = this.run.state;
		const { station, room } = this.run.figures;
		const { piecesPerBag } = this.run.day.line;
		let isPut = false;
		this.#isAnyBlocked = false;
		for (const at of this.#active) {
			const done = lot[at] as number;
			if (done === 0 || (endsAtS[at] as number) > this.nowS + momentS) continue;
			const of = station[at] as number;
			const given = of === 1 ? done * piecesPerBag : of === 3 ? 1 : done;
			const after = (there[of + 1] as number) + given;
			if (after > (room[of + 1] as number) + crumb) {
				this.#becomes(at, blocked);
				this.#isAnyBlocked = true;
				continue;
			}
			there[of + 1] = after;
			this.#underWay[of] = (this.#underWay[of] as number) - 1;
			lot[at] = 0;
			lots[at] = (lots[at] as number) + 1;
			isPut = true;
		}
		return isPut;
	}

	/** Whoever holds nothing takes a lot, in the order of the seats. */
	#serve(): void {
		const { lot } = this.run.state;
		const { toS, station } = this.run.figures;
		for (const at of this.#active) {
			if (lot[at] !== 0) continue;
			if ((toS[at] as number) < this.nowS + momentS) {
				this.#becomes(at, away);
				continue;
			}
			const taken = this.#found(station[at] as number);
			if (taken === 0) this.#becomes(at, starved);
			else this.#take(at, taken);
		}
	}

	/** Takes a lot that can be done before its seat ends; else it stays. */
	#take(at: number, taken: number): void {
		const { day, chance, figures, state } = this.run;
		const { there, begun } = state;
		const of = figures.station[at] as number;
		const who = figures.person[at] as number;
		const sitting = day.sittings[at] as SeatTime;
		const usualS =
			taken === figures.whole[of]
				? (figures.wholeS[of] as number)
				: lotSeconds(day.line, sitting.station, taken);
		const endS =
			this.nowS +
			(usualS / (figures.speed[at] as number)) * chance(sitting.name, begun[who] as number);
		if (endS > (figures.toS[at] as number) + momentS) {
			this.#becomes(at, waiting);
			return;
		}
		const left = (there[of] as number) - taken;
		there[of] = left < crumb ? 0 : left;
		this.#underWay[of] = (this.#underWay[of] as number) + 1;
		begun[who] = (begun[who] as number) + 1;
		this.#becomes(at, working);
		state.lot[at] = taken;
		state.endsAtS[at] = endS;
	}
}
