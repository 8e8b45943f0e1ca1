import { judgementsOfFabric as say } from '$lib/words/plan';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import { hookName } from '$lib/ui/stitch-words';
import type { Judged, Words } from './judged';

/** What would bring the rows closer, in each technique's own words; beating is for looms. */
const closerBy: Readonly<Record<TechniqueKind, { readonly fair: string; readonly gaps: string }>> =
	{
		crochet: {
			fair: say.takeASmallerHookOr(),
			gaps: say.takeASmallerHookA()
		},
		'peg-loom': {
			fair: say.beatTheRowsFirmerOr(),
			gaps: say.beatTheRowsFirmerCut()
		},
		twined: {
			fair: say.pushTheRowsCloserOr(),
			gaps: say.pushTheRowsCloserCut()
		},
		'finger-bands': {
			fair: say.drawTheWeaverALittle(),
			gaps: say.useBulkierYarnAndDraw()
		}
	};

const coverOf = (f: Judged) => say.closeness({ what: f.figure('cover', 2) });
const hooksFor = (f: Judged) =>
	say.aToMmHookSuits({ what: f.figure('nearMm', 1), what2: f.figure('farMm', 1) });
/** Where the hook chosen is the nearest there is, it is the strip that can give. */
const tryHook = (f: Judged, strip: string) =>
	f.value('suggestedMm') === f.value('hookMm')
		? say.noNearerHookIsUsual({ strip })
		: say.try({ hookName: hookName(f.value('suggestedMm')) });
const useHook = (f: Judged) => say.takeMm({ what: f.figure('suggestedMm', 1) });
const closer = (f: Judged) =>
	'closerHookMm' in f.figures
		? say.takeMm({ what: f.figure('closerHookMm', 1) })
		: say.packItTight();

/** What is said of closeness, hooks and size. */
export const ofFabric = {
	'cover-close': (f) => ({
		call: say.close(),
		why: say.aFingertipShouldNotGo({ coverOf: coverOf(f) }),
		act: null
	}),
	'cover-fair': (f) => ({
		call: say.fair(),
		why: say.aFingertipMayFindA({ coverOf: coverOf(f) }),
		act: closerBy[f.kind].fair,
		cure: closer(f)
	}),
	'cover-gaps': (f) => ({
		call: say.gaps(),
		why: say.aFingertipGoesThroughAnd({ coverOf: coverOf(f) }),
		act: closerBy[f.kind].gaps,
		cure: closer(f)
	}),
	'hook-small': (f) => ({
		call: say.hookSmallForTheStrand(),
		why: hooksFor(f),
		act: tryHook(f, 'narrower'),
		cure: useHook(f)
	}),
	'hook-large': (f) => ({
		call: say.hookLargeForTheStrand(),
		why: hooksFor(f),
		act: tryHook(f, 'wider'),
		cure: useHook(f)
	}),
	'hook-dense': (f) => ({
		call: say.dense(),
		why: say.denseTakes({ coverOf: coverOf(f) }),
		act: null
	}),
	'hook-loose': (f) => ({
		call: say.loose(),
		why: say.looseTakes({ coverOf: coverOf(f) }),
		act: null
	}),
	'hook-in-fist': () => ({ call: say.inTheFist(), why: say.inTheFistWhy(), act: null }),
	'hook-cramps': () => ({ call: say.fineHook(), why: say.fineHookWhy(), act: null }),
	'size-missed': (f) => ({
		call: say.widthChanges(),
		why: say.wholeBandsMakeItWide({ mat: f.mat('widthMm'), mat2: f.mat('wantedMm') }),
		act: say.chooseOtherYarnOrAccept()
	}),
	'mat-narrow': (f) => ({
		call: say.narrowToLieOn(),
		why: say.isLessThanTheUsual({ mat: f.mat('widthMm'), mat2: f.mat('leastMm') }),
		act: say.makeItWiderOrChoose(),
		cure: say.makeItWide({ mat: f.mat('leastMm') })
	}),
	'mat-shorter-than-sleeper': (f) => ({
		call: say.shorterThanTheSleeper(),
		why: say.theMatComesOutLong({ mat: f.mat('lengthMm'), mat2: f.mat('sleeperMm') }),
		act: say.addLengthOrChooseIt(),
		cure: say.makeItLongEnough()
	})
} satisfies Words;
