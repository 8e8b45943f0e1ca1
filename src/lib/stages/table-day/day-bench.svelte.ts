import { addsOf } from '$lib/core/assembly-line/adds';
import type { SeatMove } from '$lib/core/assembly-line/best-move';
import { courseOf } from '$lib/core/assembly-line/course';
import type { CoursePoint } from '$lib/core/assembly-line/course';
import { plainly } from '$lib/core/assembly-line/day';
import type { DaysByChance } from '$lib/core/assembly-line/many-days';
import { runDay } from '$lib/core/assembly-line/run-day';
import { brokenWords } from './day-words';
import DayWorker from './day.worker?worker';
import type { FromDayWorker, ToDayWorker } from './day.worker';
import type { DaySeat, DayWork, PlannedDay } from './day-view';
import { seatsThere } from './there';
import {
	brokenSeats,
	freeOf,
	isLineStation,
	lineDayOf,
	movedSeats,
	rulesOf,
	spareOf
} from './line-day';

/** The moment a course has come to: what lies there, and what everyone does. */
const pointAt = (course: readonly CoursePoint[], atS: number): CoursePoint | undefined =>
	course.findLast((point) => point.atS <= atS + 1e-6) ?? course[0];

/** A day on the bench: who sits where, and all that follows from it. */
export class DayBench {
	seats = $state.raw<readonly DaySeat[]>([]);
	/** The minute of the day that is looked at. */
	minute = $state(0);
	/** Why the last move was not made. */
	refusal = $state('');
	/** By chance: from 0 to 1 while it is worked out, then null. */
	progress = $state<number | null>(null);
	chance = $state.raw<DaysByChance | null>(null);
	move = $state.raw<SeatMove | null>(null);
	#worker: Worker | null = null;
	#run = 0;
	/** The day that was worked out last. */
	#reckoned = '';

	/** The day as it is kept, and what it works at. */
	day: PlannedDay;
	work: DayWork;

	constructor(day: PlannedDay, work: DayWork) {
		this.day = $state.raw(day);
		this.work = $state.raw(work);
		this.seats = day.seats;
		this.minute = day.from;
	}

	/** Seats were moved here while those before were still being kept. */
	isAhead = false;

	/** The day as it is kept by now: its seats stand, whoever set them, unless others follow from here. */
	renew(day: PlannedDay, work: DayWork): void {
		if (day === this.day) return;
		this.day = day;
		this.work = work;
		if (!this.isAhead) this.seats = day.seats;
		this.minute = Math.min(day.to, Math.max(day.from, this.minute));
	}

	readonly lineDay = $derived.by(() => lineDayOf(this.day, this.work, this.seats));
	readonly answer = $derived.by(() => runDay(this.lineDay, plainly));
	readonly adds = $derived.by(() => addsOf(this.lineDay, plainly));
	readonly course = $derived.by(() => courseOf(this.lineDay, plainly));
	readonly now = $derived.by(() => pointAt(this.course, (this.minute - this.day.from) * 60));

	/** What is against the rules in the seats as they stand: as where an adult left from beside a child. */
	readonly caution = $derived.by(() => {
		const broken = brokenSeats(this.day, this.work, this.seats);
		return broken ? brokenWords(broken, this.day.people, this.day.from) : '';
	});

	/** What somebody does at the minute that is looked at: `away` where they have no seat then. */
	doingOf(personId: string): { station: string | null; doing: string } {
		const seat = seatsThere(this.seats, this.day.people).find(
			(one) => one.personId === personId && one.from <= this.minute && this.minute < one.to
		);
		if (!seat) return { station: null, doing: 'away' };
		if (!isLineStation(seat.station)) return { station: seat.station, doing: 'working' };
		const atS = (this.minute - this.day.from) * 60;
		const at = this.lineDay.sittings.findIndex(
			({ name, fromS, toS }) => name === personId && fromS <= atS && atS < toS
		);
		return { station: seat.station, doing: at < 0 ? 'resting' : (this.now?.doing[at] ?? 'away') };
	}

	/** Takes seats as they are given, unless a rule is against them: then it says which. */
	take(seats: readonly DaySeat[]): boolean {
		const broken = brokenSeats(this.day, this.work, seats);
		this.refusal = broken ? brokenWords(broken, this.day.people, this.day.from) : '';
		if (broken) return false;
		this.seats = seats;
		return true;
	}

	/** Moves somebody from the minute that is looked at. */
	moveTo(personId: string, station: string | null): boolean {
		return this.take(movedSeats(this.seats, personId, station, this.minute, this.day));
	}

	/**
	 * Works out beside the page the one move that helps most, and what chance does to the day where that
	 * is shown. Called again whenever the day is another: the same day is worked out once.
	 */
	reckon(runs: number): void {
		const { day, work, seats, lineDay } = this;
		const people = freeOf(day, work, day.people, lineDay.lengthS);
		const text = JSON.stringify([lineDay, people, runs]);
		if (text === this.#reckoned) return;
		this.#reckoned = text;
		this.#worker ??= this.#begin();
		this.#run++;
		this.progress = runs > 0 ? 0 : null;
		const asked: ToDayWorker = {
			run: this.#run,
			day: lineDay,
			people,
			rules: rulesOf(day, work),
			spare: spareOf(day, work, seats),
			runs
		};
		this.#worker.postMessage(asked);
	}

	#begin(): Worker {
		const worker = new DayWorker();
		worker.onmessage = ({ data }: MessageEvent<FromDayWorker>) => {
			if (data.run !== this.#run) return;
			if (data.tell === 'progress') this.progress = data.share;
			else if (data.tell === 'move') this.move = data.move;
			else {
				this.chance = data.days;
				this.progress = null;
			}
		};
		return worker;
	}

	end(): void {
		this.#worker?.terminate();
		this.#worker = null;
	}
}
