import { finishLessons as say } from '$lib/words/know-how';
import { defaults } from '$lib/core/defaults';
import { finishScene } from '$lib/core/drawing/finish-scene';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { pillowCovers } from '$lib/core/finish/pillow-covers';
import { rollMat } from '$lib/core/finish/roll';
import type { Finish } from '$lib/core/finish/ties';
import { tieStrandMm } from '$lib/core/finish/ties';
import { handleStrand } from '$lib/core/strand/handle-strand';
import { braided } from '$lib/core/acts/band-curves';
import { bagMarks, lieBag } from '$lib/core/acts/bag-pictures';
import { coverSides, drawnTie, lyingRoll, strapBow } from '$lib/core/acts/finish-pictures';
import { overhandPair } from '$lib/core/acts/strand-curves';
import { formatLength } from '$lib/core/units/format-length';
import { fixed } from '$lib/ui/number-words';
import { massWords, strandWords } from '$lib/ui/unit-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	blade,
	board,
	dashed,
	film,
	fire,
	hand,
	mind,
	moving,
	neck,
	patch,
	ropes,
	sketch,
	still,
	thread,
	tiring,
	tool,
	turning,
	wrong
} from './lesson';
import { joining, snug } from './joining';

const usualMat = { widthMm: 850, lengthMm: 1850, thicknessMm: 8 } as const;
const usualRoll = rollMat(usualMat);
const scale = 0.072;
const lying = lyingRoll(usualRoll, scale);
const tieAt = [0.22, 0.78].map((share) => lying.left + share * (lying.right - lying.left));

/** The rolled mat lying across, its end seen aslant, and what is about it. */
function rolledMat(...marks: readonly SketchMark[]): Sketch {
	const { left, right, top, foot } = lying;
	const oval = (share: number) =>
		Array.from({ length: 20 }, (_, at): readonly [number, number] => {
			const angle = (2 * Math.PI * at) / 20;
			return [
				right + 4 * share * Math.cos(angle),
				(top + foot) / 2 + ((foot - top) / 2) * share * Math.sin(angle)
			];
		});
	return sketch(
		patch('film', ...board(left, top, right - left, foot - top)),
		patch('film-other', ...oval(1)),
		patch('film', ...oval(0.6)),
		patch('ground', ...oval(0.2)),
		// The outer end of the roll, along it.
		thread(
			[
				[left, top + 4],
				[right, top + 4]
			],
			1.2
		),
		...marks
	);
}
const round = (x: number): SketchMark =>
	thread(
		[
			[x, lying.top - 1],
			[x - 2.6, (lying.top + lying.foot) / 2],
			[x, lying.foot + 1]
		],
		2.6,
		'weft'
	);
const braid = (until: number): Rope[] =>
	braided(3, 8, 10, { x: 14, y: 26, apart: 10 }, 3.6, until).map((rope) => ({
		...rope,
		points: [[-6, rope.points[0]?.[1] ?? 0, 0], ...rope.points]
	}));

const ties = ({ system }: OwnThings): ActStep[] => {
	const long = formatLength(defaults.tieLength.value, system, 'mat');
	const needs = (how: Finish['ties']) =>
		strandWords(tieStrandMm({ ties: how, hasStrap: false }), system);
	const { long: drawn } = drawnTie(usualRoll, defaults.tieLength.value, scale);
	const laid = thread(
		[
			[60 - drawn / 2, 26],
			[60 + drawn / 2, 26]
		],
		2.6,
		'weft'
	);
	return [
		moving(say.twoTiesOfGoRound({ long, needs: needs('chain'), braid: needs('braid') }), [
			rolledMat(laid)
		]),
		moving(say.braidThreeStrandsOuterOver(), [sketch(ropes(braid(0.1))), sketch(ropes(braid(1)))]),
		mind(
			moving(say.fixedTiesSitNearBoth(), [
				rolledMat(...tieAt.map((x) => tool('look', x, lying.top + 4))),
				rolledMat(
					...tieAt.map((x) =>
						thread(
							[
								[x, lying.top + 4],
								[x + 1, lying.top - 12]
							],
							2.6,
							'weft'
						)
					),
					...tieAt.map((x): SketchMark => ({
						show: 'disc',
						at: [x, lying.top + 4],
						radius: 2.4,
						tone: 'weft'
					}))
				)
			]),
			wrong(
				say.theTieSitsOnThe(),
				rolledMat(
					thread(
						[
							[lying.right, 57],
							[lying.right + 12, 48]
						],
						2.6,
						'weft'
					),
					tool('spot', lying.right, 57)
				),
				say.moveItToTheEdge()
			)
		),
		moving(say.drawItTightAndPull(), [
			rolledMat(
				...tieAt.map((x) =>
					thread(
						[
							[x, lying.top + 4],
							[x + 1, lying.top - 12]
						],
						2.6,
						'weft'
					)
				),
				...tieAt.map((x): SketchMark => ({
					show: 'disc',
					at: [x, lying.top + 4],
					radius: 2.4,
					tone: 'weft'
				})),
				hand([tieAt[0] ?? 0, lying.top - 12], [10, -8])
			)
		]),
		moving(say.orALooseTieOne(), [
			rolledMat(
				...tieAt.map(round),
				thread(
					[
						[tieAt[0] ?? 0, lying.top - 1],
						[60, lying.top - 5],
						[tieAt[1] ?? 0, lying.top - 1]
					],
					2.6,
					'weft'
				)
			)
		])
	];
};

const rolled = (hasStrap: boolean, { system, box }: OwnThings) =>
	finishScene(
		usualRoll,
		{ ties: 'chain', hasStrap },
		{
			rollAcross: formatLength(usualRoll.diameterMm, system, 'bag'),
			rollLong: formatLength(usualRoll.lengthMm, system, 'bag'),
			ties: hasStrap ? say.twoTiesAStrap() : say.twoTies()
		},
		box
	);

const strap = ({ system }: OwnThings): ActStep[] => {
	const small = 0.06;
	const place = lyingRoll(usualRoll, small);
	const bow = strapBow(usualRoll, place, defaults.strapLength.value);
	const roll = (...marks: readonly SketchMark[]) =>
		sketch(
			patch(
				'film',
				...board(place.left, place.top, place.right - place.left, place.foot - place.top)
			),
			...[0.22, 0.78].map((share) => {
				const x = place.left + share * (place.right - place.left);
				return thread(
					[
						[x, place.top - 0.6],
						[x - 1.6, (place.top + place.foot) / 2],
						[x, place.foot + 0.6]
					],
					2.2,
					'film-line'
				);
			}),
			...marks
		);
	const tie = (x: number, y: number): SketchMark => ({
		show: 'disc',
		at: [x, y],
		radius: 2.2,
		tone: 'weft'
	});
	const ends = [bow[0] ?? ([0, 0] as const), bow.at(-1) ?? ([0, 0] as const)];
	return [
		moving(
			say.braidOrChainAStrap({ length: formatLength(defaults.strapLength.value, system, 'mat') }),
			[sketch(ropes(braid(0.1))), sketch(ropes(braid(1)))]
		),
		moving(say.fixItsEndsWhereThe(), [roll(), roll(...ends.map(([x, y]) => tie(x, y)))]),
		mind(
			moving(
				say.itHangsInALong(),
				[roll(thread(bow, 2.4, 'weft'), ...ends.map(([x, y]) => tie(x, y)))],
				neck
			),
			wrong(
				say.theStrapIsShortThe(),
				roll(
					thread([ends[0] ?? [0, 0], [60, place.top - 7], ends[1] ?? [0, 0]], 2.4, 'weft'),
					tool('spot', 60, place.top - 6)
				),
				say.braidMoreOnToIt()
			)
		)
	];
};

const halves = (flap: number): Sketch =>
	sketch(
		patch('film-other', ...board(10, 38, 100, 26)),
		patch('film', [10, 38], [110, 38], [110, 38 + 26 * flap], [10, 38 + 26 * flap])
	);

const roll = (own: OwnThings): ActStep[] => [
	moving(say.theMatMustBeDry(), [halves(-1)], fire),
	moving(say.foldItInHalfLengthwise(), [halves(-1), halves(1)]),
	moving(say.rollItFromOneEndTight(), [
		halves(1),
		sketch(
			patch('film-other', ...board(10, 38, 60, 26)),
			{ show: 'disc', at: [84, 46], radius: 18, tone: 'film-other' },
			{ show: 'disc', at: [84, 46], radius: 11, tone: 'film' },
			{ show: 'disc', at: [84, 46], radius: 4, tone: 'ground' },
			turning([84, 46], 24, 320, 220)
		)
	]),
	still(
		say.tieItTwiceByItMakes({
			width: formatLength(usualMat.widthMm, own.system, 'mat'),
			length: formatLength(usualMat.lengthMm, own.system, 'mat')
		}),
		rolled(false, own)
	)
];

const needles = say.countTheNeedlesBeforeAnd();
/** Two cloths on each other, so many sides sewn, so far stuffed. */
function cover(
	sewn: number,
	full: number,
	isTurned: boolean,
	...marks: readonly SketchMark[]
): Sketch {
	const [left, top, right, foot] = [28 - 4 * full, 14 - 2 * full, 92 + 4 * full, 62 + 2 * full];
	const corners: readonly (readonly [number, number])[] = [
		[left, top],
		[left, foot],
		[right, foot],
		[right, top]
	];
	const bulge = 3 * full;
	const seam = (side: number): SketchMark[] => {
		const [from = [0, 0], to = [0, 0]] = [corners[side], corners[(side + 1) % 4]];
		return Array.from({ length: 9 }, (_, at): SketchMark => {
			const place = (share: number): readonly [number, number] => [
				from[0] + share * (to[0] - from[0]),
				from[1] + share * (to[1] - from[1])
			];
			const inward = (p: readonly [number, number]): readonly [number, number] => [
				p[0] + (60 - p[0]) * 0.07,
				p[1] + (38 - p[1]) * 0.09
			];
			return thread([inward(place((at + 0.15) / 9)), inward(place((at + 0.8) / 9))], 1.4, 'ink');
		});
	};
	return sketch(
		patch(
			isTurned ? 'weft' : 'quiet',
			[left, top],
			[left - bulge, 38],
			[left, foot],
			[60, foot + bulge],
			[right, foot],
			[right + bulge, 38],
			[right, top],
			[60, top - bulge]
		),
		...coverSides(sewn).flatMap((side, nth) => (side === 'sewn' ? seam(nth) : [])),
		...marks
	);
}
const scraps = (y: number): SketchMark[] =>
	[0, 1, 2].map((at) => patch('scrap', ...board(48 + at * 10, y - at * 3, 8, 4)));

const pillow = ({ system }: OwnThings): ActStep[] => {
	const { gramsEach, pieceMm } = pillowCovers(
		{ widthMm: 400, lengthMm: 300, heightMm: 100 },
		'full',
		1400,
		1000
	);
	return [
		moving(
			say.cutTheClothTwiceBy({
				across: formatLength(pieceMm[0], system, 'mat'),
				along: formatLength(pieceMm[1], system, 'mat')
			}),
			[cover(0, 0, false), cover(3, 0, false, tool('look', 60, 14))],
			needles
		),
		mind(
			moving(say.turnIt(), [cover(3, 0, false), cover(3, 0, true)]),
			wrong(
				say.aPlasticBagForA(),
				sketch(
					...bagMarks(
						{ flatWidthMm: 300, gussetMm: 0, bodyMm: 300, handleMm: 90, massG: 5 },
						{ left: 36, foot: 66, scale: 0.15 }
					),
					tool('spot', 60, 40)
				),
				say.emptyItAndSewA()
			)
		),
		moving(
			say.cornersFirstStuffItFull({ mass: massWords(gramsEach, system) }),
			[cover(3, 0, true, ...scraps(8)), cover(3, 1, true, hand([60, 12], [96, -8]))],
			film
		),
		moving(say.foldTheOpenEdgesIn(), [cover(3, 1, true, dashed([30, 16], [90, 16]))]),
		mind(
			moving(
				say.sewItShutAndPull(),
				[
					cover(3, 1, true),
					cover(
						4,
						1,
						true,
						thread(
							[
								[92, 10],
								[106, -2]
							],
							1.6
						),
						hand([104, 0], [124, 24])
					)
				],
				needles
			),
			wrong(
				say.theOpeningWasOnlyKnotted(),
				cover(3, 1, true, tool('knot', 60, 10), tool('spot', 60, 10)),
				say.foldTheEdgesInAnd()
			)
		),
		moving(say.coversMayAlsoBeCrocheted(), [cover(4, 1, true)], film)
	];
};

const handles = ({ bag, bagName, system }: OwnThings): ActStep[] => {
	const given = handleStrand({ ...bag, handleMm: Math.max(bag.handleMm, 60) });
	const place = lieBag(bag, { left: 20, width: 60, foot: 70, height: 64 });
	const top = place.foot - bag.bodyMm * place.scale;
	const ring = (x: number): Rope => ({
		points: [
			[x - 13, 30, 0],
			[x, 24, 0],
			[x + 13, 30, 0],
			[x + 13, 42, 0],
			[x, 48, 0],
			[x - 13, 42, 0]
		],
		wide: 4,
		tone: 'film-other',
		isClosed: true
	});
	const torn: Rope = {
		points: [
			[74, 28, 0],
			[88, 22, 0],
			[106, 30, 0],
			[102, 44, 0],
			[88, 48, 0]
		],
		wide: 4,
		tone: 'film-line'
	};
	return [
		moving(
			say.cutTheHandlesOffEach({ bagName }),
			[
				sketch(
					...bagMarks({ ...bag, handleMm: Math.max(bag.handleMm, 60) }, place),
					dashed([16, top], [104, top]),
					tool('cut', 104, top, 90)
				)
			],
			blade
		),
		mind(
			moving(say.sortThemWholeLoopsAnd(), [sketch(ropes(ring(30), torn))]),
			wrong(
				say.tornHandlesWereThrownOut(),
				sketch(ropes(ring(30), torn), tool('spot', 90, 36)),
				say.tieThemByTheirTips()
			)
		),
		moving(say.wholeOnesLoopJointOne(), joining(1, snug)),
		moving(say.tornOnesAndBottomsOverhand(), [
			sketch(ropes(overhandPair(0.62, 1))),
			sketch(ropes(overhandPair(1, 0.4)), tool('cut', 66, 46, 60))
		]),
		moving(say.fromOneSortToThe(), [sketch(ropes(overhandPair(1, 0.4)))]),
		moving(
			given && given.strandPerBagMm > 0
				? say.itIsThickUnevenYarn({
						long: strandWords(given.strandPerBagMm, system),
						mass: fixed(given.massG, 1)
					})
				: say.itIsThickUnevenYarnFor(),
			[
				sketch(
					{ show: 'disc', at: [60, 36], radius: 22, tone: 'film-other' },
					...[44, 60, 74].map((x, at) => tool('knot', x, 30 + 6 * at))
				)
			],
			tiring
		)
	];
};

export const finishActs = {
	ties: {
		when: say.whenAMatIsOff(),
		schools: [
			{ name: say.chain(), trade: say.quickWithAHookTakes() },
			{ name: say.braid(), trade: say.needsNoHookAndLess() }
		],
		steps: ties
	},
	strap: {
		when: say.whereMatsAreCarriedFar(),
		schools: [
			{ name: say.aStrap(), trade: say.handsStayFreeMoreStrand() },
			{ name: say.none(), trade: say.quickerTheRollIsCarried() }
		],
		steps: strap
	},
	roll: { when: say.beforeItIsPacked(), steps: roll },
	pillow: {
		when: say.withScrapForWhoeverWishes(),
		schools: [
			{ name: say.stuffing(), trade: say.scrapIsUsedAtThe() },
			{ name: say.recycling(), trade: say.noWorkTheFilmIs() }
		],
		steps: pillow
	},
	'handle-strand': {
		when: say.whereUnbrokenHandlesHaveGathered(),
		steps: handles
	}
} as const satisfies Record<string, Act>;
