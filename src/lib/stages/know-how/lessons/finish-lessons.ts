import { finishLessons as say } from '$lib/words/know-how';
import { defaults } from '$lib/core/defaults';
import { finishScene } from '$lib/core/drawing/finish-scene';
import type { Rope } from '$lib/core/drawing/rope';
import type { Sketch, SketchMark } from '$lib/core/drawing/sketch-scene';
import { pillowMassG } from '$lib/core/finish/pillow';
import { rollMat } from '$lib/core/finish/roll';
import type { Finish } from '$lib/core/finish/ties';
import { tieStrandMm } from '$lib/core/finish/ties';
import { braided } from '$lib/core/know-how/band-curves';
import { bagMarks, lieBag } from '$lib/core/know-how/bag-pictures';
import { chain } from '$lib/core/know-how/strand-curves';
import { formatLength } from '$lib/core/units/format-length';
import { massWords, strandWords } from '$lib/ui/unit-words';
import type { Act, ActStep, OwnThings } from './lesson';
import { board, film, fire, move, moving, neck, patch, ropes, sketch, still, tool } from './lesson';
import { joint, snug } from './joining';

const braid = (until: number): Rope[] => braided(3, 8, 10, { x: 14, y: 26, apart: 10 }, 3.6, until);
const matCorner = (...marks: readonly SketchMark[]): Sketch => ({
	fabrics: [{ technique: 'crochet', rows: [66, 54, 42, 30], right: 60 }],
	marks
});

const ties = ({ system }: OwnThings): ActStep[] => {
	const long = formatLength(defaults.tieLength.value, system, 'mat');
	const needs = (how: Finish['ties']) =>
		strandWords(tieStrandMm({ ties: how, hasStrap: false }), system);
	return [
		moving(say.twoTiesOfHoldA({ long, needs: needs('chain') }), [
			sketch(ropes(chain(6, 0.3, 14, 16, 36)), tool('hook', 50, 36)),
			sketch(ropes(chain(6, 0.97, 14, 16, 36)), tool('hook', 108, 36))
		]),
		moving(say.orBraidThreeStrandsOuter({ needs: needs('braid') }), [
			sketch(ropes(braid(0.1))),
			sketch(ropes(braid(1)))
		]),
		moving(say.drawTheTiesEndThrough(), [
			matCorner(
				{
					show: 'strand',
					points: [
						[116, 20],
						[90, 28],
						[66, 36],
						[54, 40],
						[66, 44],
						[90, 48],
						[116, 56]
					],
					wide: 4
				},
				tool('hook', 52, 40)
			)
		]),
		moving(say.drawItTightAndPull(), [
			matCorner(
				{
					show: 'strand',
					points: [
						[117, 30],
						[90, 36],
						[66, 38],
						[56, 40],
						[66, 42],
						[90, 44],
						[117, 46]
					],
					wide: 4
				},
				tool('knot', 74, 40),
				move([92, 60], [116, 60])
			)
		])
	];
};

const usualMat = { widthMm: 850, lengthMm: 1850, thicknessMm: 8 } as const;
const rolled = (hasStrap: boolean, { system, box }: OwnThings) => {
	const roll = rollMat(usualMat);
	return finishScene(
		roll,
		{ ties: 'chain', hasStrap },
		{
			rollAcross: formatLength(roll.diameterMm, system, 'bag'),
			rollLong: formatLength(roll.lengthMm, system, 'bag'),
			ties: hasStrap ? say.twoTiesAStrap() : say.twoTies()
		},
		box
	);
};

const strap = (own: OwnThings): ActStep[] => [
	moving(
		say.chainOrBraidAStrap({
			formatLength: formatLength(defaults.strapLength.value, own.system, 'mat')
		}),
		[sketch(ropes(braid(0.1))), sketch(ropes(braid(1)))]
	),
	moving(say.fixItWhereTheTwo(), [
		matCorner(
			{
				show: 'strand',
				points: [
					[56, 30],
					[84, 8],
					[112, 30],
					[84, 56],
					[56, 54]
				],
				wide: 5
			},
			tool('knot', 58, 30),
			tool('knot', 58, 54)
		)
	]),
	still(say.itIsCarriedOverThe(), rolled(true, own), neck)
];

const halves = (flap: number): Sketch =>
	sketch(
		patch('film-other', ...board(10, 38, 100, 26)),
		patch('film', [10, 38], [110, 38], [110, 38 + 26 * flap], [10, 38 + 26 * flap])
	);

const roll = (own: OwnThings): ActStep[] => [
	moving(say.theMatMustBeDry(), [halves(-1)], fire),
	moving(say.foldItInHalfLengthwise(), [halves(-1), halves(1)]),
	moving(say.rollItFromOneEnd(), [
		halves(1),
		sketch(
			patch('film-other', ...board(10, 38, 60, 26)),
			{ show: 'disc', at: [84, 46], radius: 18, tone: 'film-other' },
			{ show: 'disc', at: [84, 46], radius: 11, tone: 'film' },
			{ show: 'disc', at: [84, 46], radius: 4, tone: 'ground' },
			move([108, 14], [84, 14])
		)
	]),
	still(
		say.tieItTwiceByIt({
			formatLength: formatLength(usualMat.widthMm, own.system, 'mat'),
			formatLength2: formatLength(usualMat.lengthMm, own.system, 'mat')
		}),
		rolled(false, own)
	)
];

const pillow = ({ system }: OwnThings): ActStep[] => [
	moving(
		say.takeAWholeBagWithout(),
		[
			sketch(
				patch('film', ...board(8, 16, 44, 50)),
				...[0, 1, 2, 3, 4, 5].map((at) =>
					patch('scrap', ...board(66 + (at % 2) * 22, 20 + Math.floor(at / 2) * 15, 16, 7))
				)
			)
		],
		film
	),
	moving(say.fillItLooselyForThe({ mass: massWords(pillowMassG(400, 300, 100), system) }), [
		sketch(
			patch('film', ...board(28, 14, 64, 52)),
			...[0, 1, 2, 3, 4, 5, 6, 7, 8].map((at) =>
				patch('scrap', ...board(33 + (at % 3) * 19, 20 + Math.floor(at / 3) * 15, 15, 9))
			),
			move([60, 2], [60, 14])
		)
	]),
	moving(
		say.pressTheAirOutAnd(),
		[
			sketch(
				patch('film-other', [30, 26], [90, 26], [94, 46], [90, 64], [30, 64], [26, 46]),
				tool('knot', 60, 24)
			)
		],
		film
	),
	moving(say.rollItWithItsMat(), [
		sketch(
			{ show: 'disc', at: [40, 42], radius: 22, tone: 'film-other' },
			{ show: 'disc', at: [40, 42], radius: 13, tone: 'film' },
			patch('weft', [72, 34], [108, 34], [112, 44], [108, 54], [72, 54], [68, 44])
		)
	])
];

const handles = ({ bag }: OwnThings): ActStep[] => {
	const place = lieBag(bag, { left: 20, width: 60, foot: 70, height: 64 });
	const top = place.foot - bag.bodyMm * place.scale;
	return [
		moving(say.cutTheHandlesOffWhole(), [
			sketch(
				...bagMarks({ ...bag, handleMm: Math.max(bag.handleMm, 60) }, place),
				{
					show: 'dashed',
					points: [
						[16, top],
						[104, top]
					]
				},
				tool('cut', 100, top)
			)
		]),
		moving(say.leaveOutWhatIsTorn(), [
			sketch(
				{
					show: 'strand',
					points: [
						[20, 36],
						[40, 20],
						[56, 34]
					]
				},
				{
					show: 'strand',
					points: [
						[66, 38],
						[84, 54],
						[104, 36]
					]
				},
				tool('spot', 61, 36),
				tool('cut', 61, 34)
			)
		]),
		moving(say.joinThemOneThroughThe(), [...[1, 2, 4, 6, snug].map((stage) => joint(stage, 0))])
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
