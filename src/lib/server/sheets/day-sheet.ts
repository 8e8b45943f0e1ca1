import { listWords } from '$lib/ui/list-words';
import { daySheet as say } from '$lib/words/sheets';
import { capital } from '$lib/ui/number-words';
import type { Bag } from '$lib/core/bag/measure-bag';
import { sketchBag } from '$lib/core/cut/sketch-bag';
import type { Cut } from '$lib/core/cut/types';
import { cutScene } from '$lib/core/drawing/bag-scene';
import type { JointKind } from '$lib/core/joint/joints';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import { lineStations } from '$lib/core/assembly-line/assembly-line';
import { besideWanted } from '$lib/stages/table-day/beside-words';
import { breaksOf, clockWords } from '$lib/stages/table-day/clock';
import type { MadeMatLine } from '$lib/stages/check/check-view';
import { checkReasonWords } from '$lib/stages/check/check-words';
import { mendingAt, mendingWords } from '$lib/stages/check/menders';
import type { DaySeat, DayWork, PlannedDay } from '$lib/stages/table-day/day-view';
import { stationWords } from '$lib/stages/table-day/day-words';
import { isLineStation } from '$lib/stages/table-day/line-day';
import { tapCount } from '$lib/stages/table-day/taps';
import { seatCautions } from '$lib/stages/people/seats';
import { weekdayWords, yearDayWords } from '$lib/ui/day-words';
import { actScenes } from './act-scenes';
import type { Sheet } from './sheet';
import { squareCode } from './square-code';
import { joiningSteps } from './work-sheet';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

export const daySheets = ['seats', 'stations', 'door'] as const;
export type DaySheetName = (typeof daySheets)[number];

export interface DaySheetOrder extends OnPaper {
	readonly sheet: DaySheetName;
	readonly groupName: string;
	readonly system: LengthSystem;
	readonly day: PlannedDay;
	readonly work: DayWork;
	/** Mats that wait to be mended. */
	readonly toMend: readonly MadeMatLine[];
	/** How a bag is cut for it. */
	readonly cut: { readonly bag: Bag; readonly cut: Cut; readonly joint: JointKind };
	/** Address of the day's pages. */
	readonly address: string;
}

const rest = say.fiveMinutesRestInEvery();
const film = say.filmCanSuffocateBagEvery();
const blades = say.bladesAreForTrainedAdults();

const timesOf = ({ from, to }: { readonly from: number; readonly to: number }): string =>
	say.to({ clock: clockWords(from), clock2: clockWords(to) });

/** A table day on paper: who sits where, a card for each station, or the sheet for the door. */
export async function daySheet(order: DaySheetOrder): Promise<Uint8Array> {
	const { day, work } = order;
	const titles = {
		seats: say.whoSitsWhere(),
		stations: say.atTheStations(),
		door: say.tableDay()
	} as const satisfies Record<DaySheetName, string>;
	const sheet = await beginSheet(order, () => ({
		title: titles[order.sheet],
		planName: order.groupName,
		versionWords: `${day.place}, ${timesOf(day)}`,
		date: yearDayWords(day.day),
		cautions: order.sheet === 'door' ? [rest, blades, film] : [blades, rest, film]
	}));
	if (order.sheet === 'seats') {
		drawSeats(sheet, day, work);
		drawMending(sheet, order, day);
	} else if (order.sheet === 'stations') return drawStations(sheet, order);
	else drawDoor(sheet, day, work);
	return sheet.end();
}

const nameIn = ({ people }: PlannedDay, id: string): string =>
	people.find((one) => one.id === id)?.name ?? '';

/** Mats to mend that day, and at whose seats. */
function drawMending(sheet: Sheet, { toMend: mats, system }: DaySheetOrder, day: PlannedDay): void {
	const lengthWords = (mm: number) => formatLength(mm, system, 'mat');
	if (mats.length === 0) return;
	sheet.heading(say.toMend());
	for (const line of mendingAt(mats, day)) {
		const { last } = mats.find(({ code }) => code === line.code) ?? {};
		const why = (last?.reasons ?? []).map((one) => checkReasonWords(one, lengthWords)).join('; ');
		sheet.text(`${line.code}, ${why}: ${mendingWords(line)}`);
	}
}

/** The day as bars: a row a person, its seats along the hours, breaks across all of them. */
function drawSeats(sheet: Sheet, day: PlannedDay, work: DayWork): void {
	sheet.text(
		[
			say.for({ planName: work.planName }),
			...(day.ballsWanted === null ? [] : [say.ballsWanted({ ballsWanted: day.ballsWanted })]),
			...besideWanted(day),
			...(day.also === null ? [] : [day.also])
		].join(' · '),
		{ sizePt: 12 }
	);
	sheet.y += 2;
	const nameMm = 40;
	const left = sheet.marginMm + nameMm;
	const wide = sheet.innerMm - nameMm;
	const x = (minute: number) => left + ((minute - day.from) / (day.to - day.from)) * wide;
	const rowMm = Math.max(8, sheet.lineMm(10) + 3);
	const head = () => {
		for (let hour = Math.ceil(day.from / 30) * 30; hour <= day.to; hour += 30)
			sheet.label(clockWords(hour), x(hour), sheet.y + 4, {
				sizePt: 8.5,
				align: hour > day.to - 15 ? 'right' : hour < day.from + 15 ? 'left' : 'middle'
			});
		sheet.y += 6;
	};
	head();
	for (const person of day.people) {
		const before = sheet.y;
		sheet.need(rowMm);
		if (sheet.y < before) head();
		const y = sheet.y;
		sheet.box(sheet.marginMm, y + 1.6, 3.6, 3.6);
		sheet.label(person.name, sheet.marginMm + 5.5, y + rowMm * 0.66, {
			sizePt: 10.5,
			isBold: true
		});
		for (const seat of day.seats.filter(({ personId }) => personId === person.id)) {
			const [from, to] = [x(seat.from), x(seat.to)];
			sheet.box(from, y + 0.8, to - from, rowMm - 1.6, isLineStation(seat.station) ? 0 : 0.12);
			sheet.label(seat.station, from + 1.5, y + rowMm * 0.66, { sizePt: 9.5 });
		}
		for (const pause of breaksOf(day))
			sheet.box(x(pause.from), y, x(pause.to) - x(pause.from), rowMm, 0.35);
		sheet.y += rowMm;
	}
	sheet.y += 2;
	const breaks = breaksOf(day);
	sheet.text(
		say.tickWhoeverCame({
			part:
				breaks.length === 0
					? say.noCommonBreakIsSet()
					: say.greyABreakForAll({ breaks: listWords(breaks.map(timesOf)) })
		}),
		{ sizePt: 10 }
	);
	sheet.heading(say.inStore());
	const { stock } = work;
	sheet.text(
		say.bagsToFlattenFlatPieces({
			bags: stock.bags,
			flat: stock.flat,
			pieces: stock.pieces,
			floor: Math.floor(stock.joined)
		})
	);
}

/** What a station takes, does and hands on, for whoever sits down there. */
function stationLines(station: LineStation, work: DayWork): readonly [take: string, give: string] {
	const { line } = work;
	const lot = tapCount(station, work);
	switch (station) {
		case 'flatten':
			return [say.bagsFromThePile({ lot, kind: work.kind }), say.themFlatSeamsTogetherTo()];
		case 'cut':
			return [
				say.flatLotPluralOneOther({ lot }),
				say.piecesToTheJoinersThe({ lot: lot * line.piecesPerBag })
			];
		case 'join':
			return [say.thePiecesOfABag({ piecesPerBag: line.piecesPerBag }), say.theYarnInOneLength()];
		case 'ball':
			return [
				say.strandOfBagsPieces({
					bagsPerBall: line.bagsPerBall,
					bagsPerBall2: line.bagsPerBall * line.piecesPerBag
				}),
				say.theBallWithItsLabel()
			];
	}
}

function drawAct(sheet: Sheet, station: LineStation, order: DaySheetOrder): void {
	const { cut, work } = order;
	if (station !== 'cut') {
		const name = station !== 'join' ? station : cut.joint === 'loop' ? 'join-loops' : 'join-strips';
		const scene = actScenes[name];
		sheet.scene(scene, sheet.typeMm(10), (sheet.innerMm - scene.width) / 2);
		return;
	}
	const sketch = sketchBag(cut.bag, cut.cut);
	const words = {
		band: ({ ring }: { readonly ring: number | null }) =>
			ring === null ? say.scrap() : say.piece({ ring }),
		rings: say.pieces({ count: work.line.piecesPerBag }),
		halves: say.twoHalves()
	};
	sheet.scene(
		cutScene(sketch, words, { width: sheet.innerMm, tallest: 70, type: sheet.typeMm(10) }),
		sheet.typeMm(10)
	);
}

/** A card a station, a page each: the act drawn, what to take and hand on, who sits there, and its own page as a square code. */
async function drawStations(sheet: Sheet, order: DaySheetOrder): Promise<Uint8Array> {
	const { day, work, address, cut } = order;
	for (const [nth, station] of lineStations.entries()) {
		if (nth > 0) sheet.newPage();
		const codeMm = 34;
		const top = sheet.y;
		sheet.sceneAt(
			squareCode(`${address}/${station}`, codeMm),
			1,
			sheet.widthMm - sheet.marginMm - codeMm,
			top
		);
		sheet.text(capital(stationWords[station]), { sizePt: 34, isBold: true });
		sheet.y = Math.max(sheet.y, top + codeMm);
		sheet.label(say.itsPageATapFor(), sheet.widthMm - sheet.marginMm, sheet.y + 3, {
			sizePt: 9,
			align: 'right'
		});
		sheet.y += 7;
		drawAct(sheet, station, order);
		const [take, give] = stationLines(station, work);
		sheet.table(
			[
				[say.take(), take],
				[say.passOn(), give]
			],
			[1, 4],
			19
		);
		if (station === 'join') sheet.steps(joiningSteps[cut.joint], 15);
		const seats = day.seats
			.filter((seat: DaySeat) => seat.station === station)
			.toSorted((a, b) => a.from - b.from);
		sheet.heading(say.whoSitsHere());
		if (seats.length === 0) sheet.text(say.nobodyYetWhoeverIsFree(), { sizePt: 14 });
		else
			sheet.table(
				seats.map((seat) => [nameIn(day, seat.personId), timesOf(seat)]),
				[2, 3],
				16
			);
		const caution = {
			flatten: film,
			cut:
				seatCautions[work.line.cutTool === 'rolling-blade' ? 'cut-blade' : 'cut-sharp'] ?? blades,
			join: seatCautions.join ?? rest,
			ball: film
		}[station];
		sheet.heading(say.takeCare());
		for (const said of new Set([caution, ...(station === 'cut' ? [blades] : []), rest]))
			sheet.text(`– ${said}`, { sizePt: 13 });
	}
	return sheet.save();
}

/** For the door: when, what for, and what whoever comes in may sit down to. It carries no names. */
function drawDoor(sheet: Sheet, day: PlannedDay, work: DayWork): void {
	sheet.text(say.comeInThereIsA(), { sizePt: 30, isBold: true });
	sheet.y += 3;
	sheet.text(`${weekdayWords(day.day)}, ${timesOf(day)}`, { sizePt: 22 });
	sheet.text(day.place, { sizePt: 22 });
	sheet.y += 4;
	sheet.text(
		say.weTurnUsedPlasticBags({
			part:
				day.ballsWanted === null
					? say.weMakeStrand()
					: say.weMeanToWindBalls({ ballsWanted: day.ballsWanted }),
			planName: work.planName,
			part2: day.also === null ? '' : say.andAlso({ also: day.also })
		}),
		{ sizePt: 15 }
	);
	sheet.heading(say.whatYouCanSitDown());
	sheet.table(
		[
			[say.flattening(), say.bagsSmoothedAndStackedAnyone()],
			[say.cutting(), say.stacksCutToStripsSharp()],
			[say.joining(), say.piecesLoopedIntoOneStrand()],
			[say.winding(), say.strandWoundIntoBallsLoosely()]
		],
		[1, 3],
		14
	);
	const breaks = breaksOf(day);
	if (breaks.length > 0) {
		sheet.heading(say.breaks());
		sheet.text(breaks.map(timesOf).join(' · '), { sizePt: 16 });
	}
	sheet.heading(say.bring());
	sheet.text(say.bagsYouHaveAlreadyUsed(), { sizePt: 14 });
}
