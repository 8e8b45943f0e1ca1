import { loomLessons as say } from '$lib/words/know-how';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { defaults } from '$lib/core/defaults';
import { passesOf } from '$lib/core/acts/crossing-order';
import { loopJoint } from '$lib/core/acts/joint-curves';
import type { EdgedPlace } from '$lib/core/acts/loom-pictures';
import {
	chainOff,
	drawnOf,
	edged,
	edgedWarp,
	edgedWeft,
	jointX,
	laidStrands,
	loomAt,
	meetingKnot,
	pegStrand,
	pegY,
	weftStart
} from '$lib/core/acts/loom-pictures';
import { plied } from '$lib/core/acts/strand-curves';
import { meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
import { isOver } from '$lib/core/techniques/peg-loom/over-under';
import { formatLength } from '$lib/core/units/format-length';
import { smallNumber } from '$lib/ui/number-words';
import { passWords } from './pass-words';
import type { Act, ActStep, OwnThings } from './lesson';
import {
	blade,
	hand,
	mind,
	moving,
	rodsCaution,
	ropes,
	sketch,
	thread,
	tiring,
	tool,
	wrong
} from './lesson';

/** Pegs that are drawn: the group's own where they fit. */
const mostPegs = 5;
const pegsOf = ({ loom: own }: OwnThings): number => drawnOf(own?.pegs ?? mostPegs, mostPegs);
/** The loom with its rods in their bolts, so many strands laid, twisted or not, one of them slack. */
function loom(
	own: OwnThings,
	laid: number,
	twist: number,
	slack: number,
	...marks: readonly SketchMark[]
): Sketch {
	const pegs = pegsOf(own);
	const order = laidStrands(pegs);
	const rod = (peg: number, side: 1 | -1): SketchMark =>
		thread(
			[
				[loomAt.left - 8, pegY(peg) + side * 4],
				[loomAt.right + 8, pegY(peg) + side * 4]
			],
			2,
			'quiet'
		);
	return sketch(
		rod(0, -1),
		rod(pegs - 1, 1),
		...Array.from({ length: pegs }, (_, peg) => [
			tool('peg', loomAt.left, pegY(peg)),
			tool('peg', loomAt.right, pegY(peg))
		]).flat(),
		...order
			.slice(0, laid)
			.map((strand, nth): SketchMark =>
				twist > 0 && nth >= laid - 1
					? ropes(
							plied(
								twist,
								1.5,
								loomAt.left + 3,
								loomAt.right - 3,
								pegY(strand.peg) + (strand.isSecond ? 2.6 : 0),
								['film-other', 'film-other']
							)
						)
					: ropes(pegStrand(strand, nth === 3 ? slack : 0))
			),
		...order.slice(0, laid).map(({ peg, isSecond }): SketchMark => ({
			show: 'disc',
			at: [jointX, pegY(peg) + (isSecond ? 2.6 : 0)],
			radius: 2.2,
			tone: 'film-other'
		})),
		...marks
	);
}

const warping = (all: OwnThings): ActStep[] => {
	const { loom: own, system } = all;
	const every = laidStrands(pegsOf(all)).length;
	return [
		moving(
			own
				? say.rodsFirstThroughTheEye({ length: formatLength(own.pegToPegMm, system, 'mat') })
				: say.rodsFirstThroughTheEyeBolts(),
			[loom(all, 0, 0, 0)],
			rodsCaution
		),
		mind(
			moving(
				say.aStrandSEndLoop(),
				[loom(all, 0, 0, 0), loom(all, 1, 0, 0, hand([loomAt.right + 3, pegY(0)], [126, 44]))],
				rodsCaution
			),
			wrong(
				say.theEyeBoltWasLeft(),
				{
					...loom(all, 0, 0, 0),
					marks: [
						...loom(all, 0, 0, 0).marks,
						ropes(pegStrand({ peg: 1, isSecond: false })),
						tool('spot', loomAt.left, pegY(0))
					]
				},
				say.beginAgainAtTheBolt()
			)
		),
		moving(say.aSecondStrandOnThe(), [loom(all, 1, 0, 0), loom(all, 2, 0, 0)]),
		moving(say.twistEachStrandALittle(), [
			loom(all, 2, 0, 0),
			loom(all, 3, 4, 0, tool('look', 84, pegY(1)))
		]),
		mind(
			moving(
				say.strandByStrandOnOne({ part: own ? say.pegsAtEachEnd({ pegs: own.pegs }) : '' }),
				[loom(all, 3, 0, 0), loom(all, 4, 0, 0), loom(all, every - 2, 0, 0)],
				tiring
			),
			wrong(
				say.oneStrandIsSlackThe(),
				loom(all, every - 2, 0, 4, tool('spot', 60, pegY(2) + 4)),
				say.liftItOffTwistIt()
			)
		),
		moving(
			say.twoOnTheLastBolts({ length: formatLength(defaults.knotFreeEnd.value, system, 'small') }),
			[loom(all, every - 2, 0, 0), loom(all, every - 1, 0, 0), loom(all, every, 0, 0)]
		)
	];
};

/** One strand that ends before its peg, and the ring that lengthens it. */
function short(stage: 0 | 1 | 2 | 3 | 4, ...marks: readonly SketchMark[]): Sketch {
	const old: Rope = {
		points: [
			[-8, 33, 0],
			[30, 32, 0],
			[52, 33, 0],
			[58, 36, 0],
			[52, 39, 0],
			[30, 40, 0],
			[-8, 39, 0]
		],
		wide: 2.6,
		tone: 'film-other'
	};
	const joined: Rope = {
		points: [
			[54, 31, 2],
			[62, 32, 2],
			[92, 31, 1],
			[103, 30, 1],
			[109, 36, 1],
			[103, 42, 1],
			[92, 41, -1],
			[62, 40, -2],
			[54, 41, -2],
			[50, 36, 0]
		],
		wide: 2.6,
		tone: 'weft',
		isClosed: true
	};
	const tails: Rope[] = [
		{
			points: [
				[54, 31, 2],
				[70, 32, 2],
				[92, 31, 1],
				[103, 30, 1],
				[109, 36, 1],
				[103, 43, 1],
				[92, 45, 1],
				[80, 42, 1],
				[72, 52, 1]
			],
			wide: 2.6,
			tone: 'weft'
		},
		{
			points: [
				[54, 41, -2],
				[66, 40, -2],
				[76, 41, -1],
				[84, 48, -1],
				[88, 54, -1]
			],
			wide: 2.6,
			tone: 'weft'
		}
	];
	return sketch(
		tool('peg', 104, 36),
		...(stage === 0
			? [ropes(old)]
			: stage === 1
				? [ropes(loopJoint(6, { at: [58, 36], turn: 0, scale: 0.62 }, 0))]
				: stage === 2
					? [ropes(old, joined)]
					: [
							ropes(old, tails),
							{ show: 'disc', at: [79, 43], radius: 3.4, tone: 'weft' } as const
						]),
		...marks
	);
}
const lengthening = ({ system }: OwnThings): ActStep[] => [
	moving(say.theStrandEndsBeforeIts(), [
		short(0, tool('look', 84, 36)),
		short(1, hand([86, 36], [118, 66]))
	]),
	moving(say.leadTheNewLoopOver(), [short(1), short(2, hand([107, 40], [124, 70]))]),
	mind(
		moving(
			say.cutItOpenBeyondThe({ length: formatLength(defaults.knotFreeEnd.value, system, 'small') }),
			[
				short(2, tool('cut', 112, 30, 40)),
				short(3, { show: 'measure', from: [80, 22], to: [104, 22], words: '' })
			],
			blade
		),
		wrong(
			say.theKnotIsAtThe(),
			short(3, { show: 'disc', at: [101, 43], radius: 3.4, tone: 'weft' }, tool('spot', 101, 43)),
			say.undoItAndTieIt()
		)
	),
	moving(say.trimTheTails(), [short(3, tool('cut', 84, 56, 60))], blade)
];

const twisting = (all: OwnThings): ActStep[] => [
	moving(say.liftTheStrandYouHave(), [
		loom(all, 3, 0, 0, hand([loomAt.right - 2, pegY(1)], [126, 48]))
	]),
	moving(say.turnItOverAFew(), [
		loom(all, 3, 0, 0),
		loom(all, 3, 3, 0, hand([loomAt.right - 2, pegY(1)], [126, 48]))
	]),
	moving(say.hangItBackTwistedStrands(), [loom(all, 3, 4, 0)])
];

const first = (stage: 0 | 1 | 2 | 3, ...marks: readonly SketchMark[]): Sketch =>
	sketch(ropes(weftStart(stage)), ...marks);
const startingWeft = ({ system }: OwnThings): ActStep[] => [
	moving(say.putANarrowLoopS(), [first(0), first(1, hand([96, 36], [124, 60]))], rodsCaution),
	moving(say.foldItBackOverThem(), [first(1), first(2, hand([74, 30], [110, 0]))]),
	moving(say.andPutTheRestOf(), [first(2), first(3, hand([112, 36], [126, 62]))]),
	moving(say.thatIsTheFirstCrossing(), [
		sketch(ropes(edgedWarp(edged, 76, -4, true).ropes, edgedWeft(1, isOver, edged, 0.42)))
	]),
	moving(
		say.leaveClearToThePegs({ gap: formatLength(defaults.pegEndGap.value, system, 'small') }),
		[
			sketch(
				ropes(
					edgedWarp(edged, 72, -4, true).ropes,
					edgedWeft(1, isOver, { ...edged, foot: 52 }, 1)
				),
				...Array.from({ length: edged.strands }, (_, nth) =>
					tool('peg', edged.left + ((nth + 0.5) * (edged.right - edged.left)) / edged.strands, 70)
				),
				{ show: 'measure', from: [116, 50], to: [116, 68], words: '' }
			)
		]
	)
];

/** Strands across that are drawn: odd or even as the group's own loom has them. */
const mostStrands = 6;
const placeOf = ({ loom: own }: OwnThings): EdgedPlace => ({
	...edged,
	strands: drawnOf(own?.pegs ?? mostStrands, mostStrands)
});
const weaveOf = (own: OwnThings) => {
	const place = placeOf(own);
	const { ropes: uprights, bundleOf } = edgedWarp(place, 76, -4, true);
	const woven = (rows: number, until = 1, over = isOver): Rope[] => [
		...uprights,
		edgedWeft(rows, over, place, until)
	];
	return { place, uprights, bundleOf, woven };
};
/** What one row of a weave does, read off its drawing. */
const rowWords = (
	row: number,
	{ place, uprights, bundleOf, woven }: ReturnType<typeof weaveOf>
): string => {
	const all = passesOf(woven(row), uprights.length, (other) => bundleOf[other] ?? null);
	return passWords(all.slice(place.strands * (row - 1), place.strands * (row - 1) + 4));
};

const weaving = (own: OwnThings): ActStep[] => {
	const weave = weaveOf(own);
	const { place, uprights, woven } = weave;
	return [
		moving(say.theEdgeTwoStrandsAnd({ row: rowWords(1, weave) }), [
			sketch(ropes(woven(1, 0.05))),
			sketch(ropes(woven(1)), hand([104, 58], [126, 30]))
		]),
		mind(
			moving(say.turnRoundEdgeAndRod(), [
				sketch(ropes(woven(2, 0.5))),
				sketch(ropes(woven(2, 0.62)))
			]),
			wrong(
				say.theEdgeWasSplitThe(),
				sketch(
					ropes(uprights, {
						...edgedWeft(1, isOver, place, 1),
						points: [
							...edgedWeft(1, isOver, place, 1).points.slice(0, -2),
							[95, 58, 2],
							[100, 54, -2],
							[106, 50, -2],
							[100, 46, 2]
						]
					}),
					tool('spot', 100, 52)
				),
				say.takeTheWeftBackAnd()
			)
		),
		mind(
			moving(say.andBackItGoes({ row: rowWords(2, weave) }), [
				sketch(ropes(woven(2, 0.62))),
				sketch(ropes(woven(2)))
			]),
			wrong(
				say.aRowLikeTheLast(),
				sketch(
					ropes(woven(3, 1, (row, strand) => isOver(row === 2 ? 1 : row, strand))),
					tool('spot', 60, 50)
				),
				say.takeTheRowOutAnd()
			)
		),
		moving(
			say.soThatEachRowDoes(),
			[sketch(ropes(woven(4, 0.5))), sketch(ropes(woven(4)))],
			tiring
		),
		moving(say.pressEveryRowDownWith(), [
			sketch(ropes(woven(4)), hand([40, 24], [24, -10]), hand([80, 24], [96, -10]))
		])
	];
};

/** The end of the weft in a weave, a ring, and the next one on its way through it. */
const nextRing = (stage: number, ...marks: readonly SketchMark[]): Sketch => {
	const at = { strands: 6, left: 4, right: 64, foot: 70, pitch: 11 };
	const uprights = edgedWarp(at, 76, -4, true).ropes;
	const [old, fresh] = loopJoint(stage, { at: [86, 37], turn: 0, scale: 0.6 }, 0, 60);
	return sketch(ropes(uprights, edgedWeft(2, isOver, at, 1), old, fresh), ...marks);
};
const addingPiece = (): ActStep[] => [
	moving(say.aHandSLengthOf(), [nextRing(0), nextRing(1, hand([104, 37], [126, 60]))]),
	moving(say.theNewLoopSFar(), [nextRing(1), nextRing(2), nextRing(4), nextRing(6)]),
	moving(say.takeTheSlackOutAnd(), [nextRing(6), nextRing(8, hand([78, 42], [100, 76]))]),
	moving(say.oneAtATimeGives(), [nextRing(8, tool('look', 84, 37))])
];

const handing = (own: OwnThings): ActStep[] => {
	const { woven } = weaveOf(own);
	return [
		moving(say.twoSitSideBySide(), [
			sketch(ropes(woven(3, 0.72))),
			sketch(ropes(woven(3, 0.84)), hand([58, 39], [20, 4]))
		]),
		moving(say.sheSaysAloudWhatCame(), [
			sketch(ropes(woven(3, 0.84)), tool('look', 56, 39), hand([60, 39], [100, 4]))
		]),
		moving(say.theSecondGoesOnWith(), [sketch(ropes(woven(3, 0.84))), sketch(ropes(woven(3)))])
	];
};

/** Rows woven from both ends, so much of one row more between them, and their ends apart or tied. */
function meeting(near: number, far: number, between: number, isTied: boolean): Rope[] {
	const low: EdgedPlace = { ...edged, foot: 70, pitch: 9 };
	const high: EdgedPlace = { ...edged, foot: 2, pitch: 9 };
	const check = meetingCheck(
		{ rows: near, firstPass: 'over' },
		{ rows: far, firstPass: 'over' },
		edged.strands,
		1
	);
	const needsRow = check.verdict !== 'fine' && between > 0;
	const rows = near + (needsRow ? 1 : 0);
	const nearWeft = edgedWeft(rows, isOver, low, needsRow ? (near + between) / rows : 1);
	// Whoever sits at the far end counts the strands from her own left.
	const farWeft = edgedWeft(
		far,
		(row, strand) => isOver(row, edged.strands + 1 - strand),
		high,
		1,
		-1,
		'left',
		'film-line'
	);
	const tie = (rope: Rope): Rope =>
		isTied ? { ...rope, points: [...rope.points, meetingKnot] } : rope;
	return [...edgedWarp(edged, 76, -4, true).ropes, tie(nearWeft), tie(farWeft)];
}

const meet = (): ActStep[] => [
	moving(say.twoEndsAreWovenTowards(), [
		sketch(ropes(meeting(3, 2, 0, false)), tool('look', 60, 36))
	]),
	mind(
		moving(say.doBothGoOverThe(), [sketch(ropes(meeting(3, 2, 0, false)))]),
		wrong(
			say.twoRowsAlikeWerePushed(),
			sketch(ropes(meeting(3, 2, 0, false)), tool('spot', 60, 32)),
			say.weaveOneRowMoreBetweenThem()
		)
	),
	moving(say.weaveOneRowMoreBetween(), [
		sketch(ropes(meeting(3, 2, 0, false))),
		sketch(ropes(meeting(3, 2, 0.05, false))),
		sketch(ropes(meeting(3, 2, 1, false)))
	]),
	moving(say.pressTheRowsTogetherFrom(), [
		sketch(ropes(meeting(3, 2, 1, false)), hand([36, 52], [10, 84]), hand([84, 18], [110, -14]))
	]),
	moving(say.tieTheTwoWeftsEnds(), [
		sketch(ropes(meeting(3, 2, 1, false))),
		sketch(ropes(meeting(3, 2, 1, true)), tool('knot', meetingKnot[0], meetingKnot[1]))
	]),
	moving(
		say.trimTheEndsAndTuck(),
		[sketch(ropes(meeting(3, 2, 1, true)), tool('cut', 12, 30, 270))],
		blade
	)
];

/** Pegs of the end that is chained off. */
const pegs = mostPegs;
/** The loops of one end, so many lifted off their pegs and drawn through each other. */
function off(lifted: number, hasRods: boolean, ...marks: readonly SketchMark[]): Sketch {
	const { loops } = chainOff(pegs, lifted);
	return sketch(
		...loops.flatMap((_, at) => (at < lifted ? [] : [tool('peg', 14 + at * 19.2, 30)])),
		ropes(loops),
		// The double edge: at its first and its last loop two lie together.
		...[0, pegs - 1].map((at): SketchMark =>
			ropes({
				...(loops[at] ?? { points: [], wide: 1, tone: 'film' }),
				points: (loops[at]?.points ?? []).map(([x, y, z]) => [x + 1.8, y + 1.4, z] as const),
				wide: 1.4
			})
		),
		{
			show: 'patch',
			points: [
				[-2, 64],
				[122, 64],
				[122, 76],
				[-2, 76]
			],
			tone: 'film-other'
		},
		...(hasRods
			? [
					thread(
						[
							[7, 76],
							[7, 14]
						],
						2,
						'quiet'
					),
					thread(
						[
							[100, 76],
							[100, 14]
						],
						2,
						'quiet'
					)
				]
			: []),
		...marks
	);
}
const chaining = (): ActStep[] => [
	moving(
		say.drawTheRodsOutWithPliers(),
		[off(0, true, hand([7, 16], [40, -10])), off(0, false)],
		rodsCaution
	),
	moving(say.liftTheLoopsOneBy(), [off(0, false), off(1, false, hand([36, 46], [60, -8]))]),
	moving(say.liftTheNextLoopOffIts(), [off(1, false), off(2, false, hand([56, 46], [80, -8]))]),
	mind(
		moving(say.soOnAlongTheEnd(), [off(2, false), off(3, false), off(4, false), off(5, false)]),
		wrong(
			say.allLoopsHungFreeAt(),
			sketch(
				ropes(chainOff(pegs, 0).loops),
				{
					show: 'patch',
					points: [
						[-2, 64],
						[122, 64],
						[122, 76],
						[-2, 76]
					],
					tone: 'film-other'
				},
				tool('spot', 60, 36)
			),
			say.catchEachWithAHook()
		)
	),
	mind(
		moving(say.putALoopThroughThe(), [
			off(
				5,
				false,
				ropes({
					points: [
						[104, 44, 5],
						[112, 42, 5],
						[114, 58, 5],
						[110, 70, 5],
						[104, 66, 5],
						[103, 54, 5]
					],
					wide: 2,
					tone: 'weft',
					isClosed: true
				}),
				tool('knot', 113, 52)
			)
		]),
		wrong(say.theLastLoopWasNot(), off(2, false, tool('spot', 90, 44)), say.chainAgainFromWhereIt())
	),
	moving(
		say.trimAndTuckTheEnds({
			links: smallNumber(chainOff(pegs, pegs).links),
			pegs: smallNumber(pegs)
		}),
		[off(5, false, tool('knot', 113, 52), tool('cut', 112, 68, 60))],
		blade
	)
];

export const loomActs = {
	warp: {
		when: say.beforeTheFirstRow(),
		schools: [
			{ name: say.plastic(), trade: say.theSameBagsSoftWashes() },
			{ name: say.cloth(), trade: say.strongerWherePanelsAreJoined() }
		],
		steps: warping
	},
	'short-strand': {
		when: say.whereAStrandOfThe(),
		steps: lengthening
	},
	twist: {
		when: say.whileTheyAreLaidIt(),
		steps: twisting
	},
	'weft-start': {
		when: say.theFirstCrossingOfThe(),
		steps: startingWeft
	},
	'next-piece': {
		when: say.whereTheWeftIsWoven(),
		practice: 'snug',
		steps: addingPiece
	},
	'over-under': {
		when: say.onAPegLoomAnd(),
		practice: 'over-under',
		schools: [
			{ name: say.ballsJoinedBefore(), trade: say.quickToWeaveSlackMust() },
			{ name: say.aPieceAtATime(), trade: say.slowerEachPieceLiesAs() }
		],
		steps: weaving
	},
	'hand-over-half': {
		when: say.whereTwoWeaveAtOne(),
		practice: 'over-under',
		steps: handing
	},
	meet: {
		when: say.whereAMatIsWoven(),
		practice: 'wrong-row',
		steps: meet
	},
	'chain-off': {
		when: say.whenTheLastRowIs(),
		steps: chaining
	}
} as const satisfies Record<string, Act>;
