import { OtherWays as say } from '$lib/words/plan';
import type { Bag } from '$lib/core/bag/measure-bag';
import { cutBag } from '$lib/core/cut/cut-bag';
import type { Cut } from '$lib/core/cut/types';
import type { CutYield } from '$lib/core/cut/yield';
import { defaults } from '$lib/core/defaults';
import { pillowCovers } from '$lib/core/finish/pillow-covers';
import { scrapStrand } from '$lib/core/strand/scrap-strand';
import { bandColours } from '$lib/core/techniques/bands/band-colours';
import { noFactors } from '$lib/core/factors/factors';
import { startingPlan } from '$lib/core/model/starting-plan';
import { crochetMat } from '$lib/core/techniques/crochet/crochet-mat';
import { nearestHookMm, suitableHookMm } from '$lib/core/techniques/crochet/hooks';
import { countedLoops } from '$lib/core/techniques/peg-loom/counted-loops';
import { jointsAtPegs, warpFromBall } from '$lib/core/techniques/peg-loom/warp-from-ball';
import { endToEnd } from '$lib/core/techniques/twined/end-to-end';
import type { LengthScale, LengthSystem } from '$lib/core/units/format-length';
import { formatLength, trimmed } from '$lib/core/units/format-length';
import { fixed, wholeNumber } from '$lib/ui/number-words';
import { massWords, strandWords } from '$lib/ui/unit-words';

/** What a way is asked: a length, a count, a mass, or one of a few words. */
export type Asked =
	| { readonly of: 'length'; readonly scale: LengthScale; readonly mm: number }
	| { readonly of: 'count' | 'mass'; readonly value: number }
	| {
			readonly of: 'word';
			readonly words: Readonly<Record<string, string>>;
			readonly value: string;
	  };

export interface AskedField {
	readonly name: string;
	readonly label: string;
	readonly asked: Asked;
}

/** What it comes to: figures by their names, and what a practised hand would say of them. */
export interface Worked {
	readonly figures: readonly (readonly [string, string])[];
	readonly calls: readonly string[];
}

/** What was typed: millimetres, counts and grams, and words. */
export interface Said {
	readonly number: (name: string) => number;
	readonly word: (name: string) => string;
	readonly bag: Bag;
	readonly system: LengthSystem;
}

/** A way of working that some tables have, with its own sums. */
export interface Calculator {
	readonly id: string;
	readonly title: string;
	/** Why people choose it. */
	readonly why: string;
	readonly fields: readonly AskedField[];
	/** @throws DomainError where what was typed cannot be made */
	readonly work: (said: Said) => Worked;
}

const length = (
	name: string,
	label: string,
	mm: number,
	scale: LengthScale = 'mat'
): AskedField => ({
	name,
	label,
	asked: { of: 'length', scale, mm }
});
const count = (name: string, label: string, value: number): AskedField => ({
	name,
	label,
	asked: { of: 'count', value }
});
const word = (
	name: string,
	label: string,
	words: Readonly<Record<string, string>>
): AskedField => ({
	name,
	label,
	asked: { of: 'word', words, value: Object.keys(words)[0] ?? '' }
});

const trims = {
	trimBottomMm: defaults.generousTrim.value,
	trimTopMm: defaults.generousTrim.value
};
/** Ways to cut that every one of these asks for. */
const cuts: Readonly<Record<string, { readonly label: string; readonly cut: Cut }>> = {
	whole: { label: say.wholeTubes(), cut: { style: 'whole-tube', ...trims } },
	two: { label: say.loopsOf({ count: 2 }), cut: { style: 'loops', equalStrips: 2, ...trims } },
	four: { label: say.loopsOf({ count: 4 }), cut: { style: 'loops', equalStrips: 4, ...trims } },
	eight: { label: say.loopsOf({ count: 8 }), cut: { style: 'loops', equalStrips: 8, ...trims } }
};
const cutField = (name: string, label: string, first: keyof typeof cuts): AskedField => {
	const keys = [first, ...Object.keys(cuts).filter((key) => key !== first)];
	return word(name, label, Object.fromEntries(keys.map((key) => [key, cuts[key]?.label ?? ''])));
};
const yieldOf = ({ bag, word: said }: Said, name: string): CutYield =>
	cutBag(bag, (cuts[said(name)] ?? cuts['whole'])?.cut ?? { style: 'half-bag' });

const bagsWords = (bags: number) => wholeNumber(Math.ceil(bags - 1e-9));
const mat =
	({ system }: Said) =>
	(mm: number) =>
		formatLength(mm, system, 'mat');
const size = (said: Said, widthMm: number, lengthMm: number) =>
	`${mat(said)(widthMm)} × ${mat(said)(lengthMm)}`;

const ballFed: Calculator = {
	id: 'ball-fed',
	title: say.ballFed(),
	why: say.ballFedWhy(),
	fields: [
		count('pegs', say.pegs(), 28),
		length('pitch', say.pegToNext(), 25.4, 'small'),
		length('peg_to_peg', say.pegToPeg(), 1930),
		count('ball', say.bagsInABall(), 140),
		cutField('warp', say.warpCut(), 'whole'),
		cutField('weft', say.weftCut(), 'two'),
		word('edges', say.edges(), { double: say.edgesTwice(), single: say.edgesOnce() })
	],
	work(said) {
		const warp = yieldOf(said, 'warp');
		const loom = {
			pegs: said.number('pegs'),
			pitchMm: said.number('pitch'),
			pegToPegMm: said.number('peg_to_peg'),
			bagsPerBall: said.number('ball'),
			doubleEdges: said.word('edges') === 'double'
		};
		const made = warpFromBall(loom, warp, yieldOf(said, 'weft'));
		const near = jointsAtPegs(loom, warp.pieceLengthMm);
		const told = near
			.slice(0, 6)
			.map(({ joint, leg, shortenMm }) =>
				say.jointAt({ joint, leg, shorten: formatLength(shortenMm, said.system, 'small') })
			);
		return {
			figures: [
				[say.ballsToFetch(), wholeNumber(made.balls)],
				[say.warp(), `${strandWords(made.warpMm, said.system)}, ${bagsWords(made.warpBags)}`],
				[say.weft(), `${strandWords(made.weftMm, said.system)}, ${bagsWords(made.weftBags)}`],
				[say.mat(), size(said, made.widthMm, made.lengthMm)],
				[say.rows(), wholeNumber(made.rows)],
				[say.jointsToMove(), say.about({ count: Math.round(made.jointsAtPegs) })]
			],
			calls: [
				...(made.isTooThick ? [say.tooThickForPegs()] : []),
				...(told.length > 0
					? [say.jointsAre({ joints: told.join('; '), more: near.length - told.length })]
					: [])
			]
		};
	}
};

const counted: Calculator = {
	id: 'counted',
	title: say.counted(),
	why: say.countedWhy(),
	fields: [
		count('nails', say.nails(), 42),
		word('by', say.known(), { loops: say.byLoops(), span: say.bySpan() }),
		count('loops', say.loopsCounted(), 7),
		length('span', say.span(), 1768),
		cutField('cut', say.cutInto(), 'two')
	],
	work(said) {
		const by =
			said.word('by') === 'span'
				? { spanMm: said.number('span') }
				: { loops: said.number('loops') };
		const made = countedLoops(said.number('nails'), by, yieldOf(said, 'cut'));
		const words = mat(said);
		const fits = {
			stretch: say.stretchesToFit(),
			'add-short': say.addShort({ short: formatLength(made.shortMm, said.system, 'small') }),
			'shorten-one': say.shortenOne()
		};
		return {
			figures: [
				[say.nailToNail(), words(made.spanMm)],
				[say.usableFromTo(), `${words(made.spanLeastMm)} – ${words(made.spanMostMm)}`],
				[say.loopsAStrand(), wholeNumber(made.loops)],
				[say.loopsInAll(), wholeNumber(made.pieces)],
				[say.bags(), bagsWords(made.bags)]
			],
			calls: [fits[made.fit]]
		};
	}
};

const panels: Calculator = {
	id: 'panels',
	title: say.panels(),
	why: say.panelsWhy(),
	fields: [
		count('nails', say.nails(), 44),
		length('pitch', say.nailToNext(), 13.85, 'small'),
		length('frame', say.frameLength(), 1041),
		length('target', say.matLength(), 1850),
		length('cloth', say.clothWidth(), defaults.clothWidth.value),
		cutField('cut', say.cutInto(), 'four')
	],
	work(said) {
		const frame = {
			nails: said.number('nails'),
			pitchMm: said.number('pitch'),
			lengthMm: said.number('frame')
		};
		const made = endToEnd(frame, said.number('target'), said.number('cloth'), yieldOf(said, 'cut'));
		const words = mat(said);
		return {
			figures: [
				[say.panelsInIt(), wholeNumber(made.panels)],
				[say.mat(), size(said, made.widthMm, made.lengthMm)],
				[say.rowsAPanel(), wholeNumber(made.rowsPerPanel)],
				[say.weft(), `${strandWords(made.weftMm, said.system)}, ${bagsWords(made.bags)}`],
				[say.warpAPanel(), strandWords(made.warpPerPanelMm, said.system)],
				[say.lacing(), strandWords(made.lacingMm, said.system)],
				[say.cloth(), strandWords(made.clothM * 1000, said.system)]
			],
			calls: [
				...(made.overMm >= defaults.panelOver.value
					? [say.overBy({ over: words(made.overMm) })]
					: []),
				...(made.fewerLengthMm === null
					? []
					: [say.fewerPanels({ count: made.panels - 1, length: words(made.fewerLengthMm) })]),
				...(made.widthMm < defaults.shouldersWidth.value ? [say.narrowPanel()] : [])
			]
		};
	}
};

/** Strand of a usual crocheted mat of a strand so thick, mm; 0 where there is none. */
function matStrandMm(bulkDiameterMm: number): number {
	if (bulkDiameterMm <= 0) return 0;
	const hookMm = nearestHookMm(defaults.hookUsualAim.value * bulkDiameterMm);
	const technique = { kind: 'crochet', stitch: 'sc', hookMm } as const;
	return crochetMat(startingPlan.target, technique, bulkDiameterMm, noFactors).strandMm;
}

const scrap: Calculator = {
	id: 'scrap',
	title: say.scrap(),
	why: say.scrapWhy(),
	fields: [
		count('whole', say.wholeHandles(), 100),
		count('torn', say.tornHandles(), 20),
		count('bottoms', say.bottoms(), 120),
		count('tops', say.tops(), 0)
	],
	work(said) {
		const hasHandles = said.bag.handleMm > 0;
		const made = scrapStrand(said.bag, trims, {
			...(hasHandles && {
				wholeHandles: { bags: said.number('whole') },
				tornHandles: { bags: said.number('torn') }
			}),
			bottoms: { bags: said.number('bottoms') },
			tops: { bags: said.number('tops') }
		});
		const hooks = (d: number) => {
			const { near, far } = suitableHookMm(d);
			return `${trimmed(near, 1)}–${trimmed(far, 1)} mm`;
		};
		const names = {
			wholeHandles: say.wholeHandles(),
			tornHandles: say.tornHandles(),
			bottoms: say.bottoms(),
			tops: say.tops()
		};
		const knots = Object.entries(made.sorts).filter(
			([, one]) => one.isMostlyKnot && one.pieces > 0
		);
		return {
			figures: [
				[say.yarn(), strandWords(made.strandMm, said.system)],
				[say.weight(), massWords(made.grams, said.system)],
				[say.matsOfIt(), fixed(made.strandMm / (matStrandMm(made.bulkDiameterMm) || 1), 2)],
				...(made.strandMm > 0
					? ([
							[say.hook(), hooks(made.bulkDiameterMm)],
							[say.hookForThickest(), hooks(made.thickestMm)]
						] as const)
					: [])
			],
			calls: [
				...(hasHandles ? [] : [say.noHandles()]),
				...knots.map(([sort]) => say.moreKnot({ sort: names[sort as keyof typeof names] }))
			]
		};
	}
};

const covers: Calculator = {
	id: 'covers',
	title: say.covers(),
	why: say.coversWhy(),
	fields: [
		length('width', say.pillowWidth(), 400),
		length('length', say.pillowLength(), 300),
		length('height', say.pillowHeight(), 100),
		word('packing', say.packed(), { full: say.packedFull(), soft: say.packedSoft() }),
		{ name: 'scrap', label: say.scrapThere(), asked: { of: 'mass', value: 6000 } },
		length('cloth', say.clothWidth(), defaults.clothWidth.value),
		count('covers', say.coversThere(), 0)
	],
	work(said) {
		const pillow = {
			widthMm: said.number('width'),
			lengthMm: said.number('length'),
			heightMm: said.number('height')
		};
		const packing = said.word('packing') === 'soft' ? 'soft' : 'full';
		const inHand = said.number('covers');
		const made = pillowCovers(
			pillow,
			packing,
			said.number('cloth'),
			said.number('scrap'),
			inHand > 0 ? inHand : undefined
		);
		const [across, along] = made.pieceMm;
		return {
			figures: [
				[say.pillows(), wholeNumber(made.stuffed)],
				[say.scrapEach(), massWords(made.gramsEach, said.system)],
				[say.twoPieces(), size(said, across, along)],
				[say.cloth(), strandWords(made.clothM * 1000, said.system)],
				[say.scrapLeft(), massWords(made.leftG, said.system)],
				[say.sewing(), say.minutes({ minutes: made.minutes })]
			],
			calls: [say.neverFilm(), say.liesFlat({ grams: massWords(made.flatBelowG, said.system) })]
		};
	}
};

const bandWords = {
	grey: say.grey(),
	blue: say.blue(),
	white: say.white(),
	brown: say.brown(),
	green: say.green(),
	red: say.red()
} as const;
type BandColour = keyof typeof bandWords;
const bandPart = (name: string, label: string, first: BandColour): AskedField =>
	word(name, label, { [first]: bandWords[first], ...bandWords });

const bandWay: Calculator = {
	id: 'bands',
	title: say.bandColours(),
	why: say.bandColoursWhy(),
	fields: [
		length('width', say.matWidth(), 850),
		length('length', say.matLength(), 1850),
		word('strands', say.strandsABand(), { three: '3', four: '4' }),
		bandPart('middle1', say.oddMiddle(), 'brown'),
		bandPart('outer1', say.oddOuter(), 'grey'),
		bandPart('weaver1', say.oddWeaver(), 'grey'),
		bandPart('middle2', say.evenMiddle(), 'blue'),
		bandPart('outer2', say.evenOuter(), 'white'),
		bandPart('weaver2', say.evenWeaver(), 'white')
	],
	work(said) {
		const colour = (name: string) => said.word(name) as BandColour;
		const pattern = (nth: 1 | 2) => ({
			middle: colour(`middle${nth}`),
			outer: colour(`outer${nth}`),
			weaver: colour(`weaver${nth}`)
		});
		const made = bandColours(
			{ widthMm: said.number('width'), lengthMm: said.number('length') },
			said.word('strands') === 'four' ? 4 : 3,
			[pattern(1), pattern(2)],
			cutBag(said.bag, { style: 'whole-tube', ...trims })
		);
		return {
			figures: [
				[say.bandsInIt(), wholeNumber(made.bands)],
				...made.colours.map(
					({ colour: name, strandMm, bags }) =>
						[
							bandWords[name],
							`${strandWords(strandMm, said.system)}, ${say.bagsCount({ bags: bagsWords(bags) })}`
						] as const
				),
				[say.jointsForChange(), wholeNumber(made.jointsForChange)],
				[say.bags(), bagsWords(made.bagsTotal)]
			],
			calls:
				made.weaverMm > made.alongMm
					? [say.weaverTakesMore({ times: fixed(made.weaverMm / made.alongMm, 1) })]
					: []
		};
	}
};

export const calculators: readonly Calculator[] = [
	ballFed,
	counted,
	panels,
	bandWay,
	scrap,
	covers
];
