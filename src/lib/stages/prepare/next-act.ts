import { nextAct as msg } from '$lib/words/prepare';
import { defaults } from '$lib/core/defaults';
import type { PieceUse } from '$lib/core/prepare/cuts-of-plan';
import type { Pile } from '$lib/core/prepare/piles';
import { cutWord } from '$lib/core/prepare/piles';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { EntryTypeName } from '$lib/entries/registry';
import { wholeNumber } from '$lib/ui/number-words';
import { pileNoun } from './pile-words';
import type { TableCut, TablePlan } from './table-view';

/** What the table works for: a plan, and which of its pieces. */
export interface WorkFor {
	readonly plan: TablePlan | null;
	readonly use: PieceUse;
	readonly cuts: readonly TableCut[];
	/** In a hundred, as it is typed. */
	readonly spoiled: string;
}

/** What one tap on a pile does. */
export interface NextAct {
	readonly type: EntryTypeName;
	readonly typed: Readonly<Record<string, string>>;
	/** What it says it does, in short, and in full once it is done. */
	readonly label: string;
	readonly words: string;
	/** What the whole pile makes, where that is counted: `3 balls`. */
	readonly count?: string;
	readonly why?: never;
}

/** Why a tap on a pile does nothing yet. */
export interface NoAct {
	readonly why: string;
	readonly type?: never;
}

/** Bags' worth of one ball for a plan; the craft's usual where there is none. */
const ballBags = (plan: TablePlan | null): number => plan?.bagsPerBall ?? defaults.batchSize.value;

/** The plan it is done for, as its fields say it. */
const planned = ({ plan }: WorkFor): Record<string, string> =>
	plan ? { plan: plan.id, plan_version: String(plan.version) } : {};

/** How bags of a kind are cut for what the table works for. */
const cutFor = ({ plan, use, cuts }: WorkFor, kindId: string): TableCut | undefined =>
	cuts.find((cut) => cut.planId === plan?.id && cut.use === use && cut.kindId === kindId);

function cutting({ kindId, colour, amount }: Pile, work: WorkFor): NextAct | NoAct {
	const { plan, use, spoiled } = work;
	if (!plan) return { why: msg.chooseAPlanToCut() };
	if (!cutFor(work, kindId)) return { why: msg.cannotBeCutFromThese({ name: plan.name }) };
	const bags = Math.min(defaults.batchSize.value, amount);
	return {
		type: 'cut',
		typed: { kind: kindId, colour, bags: String(bags), ...planned(work), use, spoiled },
		label: msg.cut({ bags }),
		count: msg.timesInIt({ count: Math.ceil(amount / bags - 1e-9) }),
		words: msg.bagsCut({ bags, colour })
	};
}

function balling(pile: Pile, work: WorkFor): NextAct | NoAct {
	const { kindId, colour, cut, amount } = pile;
	if (!cut) return { why: msg.nobodySaidHowTheseWere() };
	const bags = Math.min(ballBags(work.plan), Math.floor(amount / cut.piecesPerBag + 1e-9));
	if (bags < 1) return { why: msg.notEnoughForOneBag() };
	const asked = cutFor(work, kindId);
	const suits = asked && whyUnsuited(cut, asked.cut) === null;
	return {
		type: 'ball',
		typed: {
			kind: kindId,
			colour,
			cut: cutWord(cut),
			bags: String(bags),
			as: 'ball',
			...(suits ? planned(work) : {})
		},
		label: msg.ballOf({ bags }),
		count: msg.ballsInIt({ count: Math.floor(amount / cut.piecesPerBag / bags + 1e-9) }),
		words: msg.aBallOfBags({ bags, colour })
	};
}

/** What one tap on a pile does, by its form; null for what is at the end of the table. */
export function nextAct(pile: Pile, work: WorkFor): NextAct | NoAct | null {
	const { kindId, colour, form, cut, amount } = pile;
	switch (form) {
		case 'bag': {
			const bags = Math.min(defaults.batchSize.value, amount);
			return {
				type: 'flatten',
				typed: { kind: kindId, colour, bags: String(bags) },
				label: msg.flatten({ bags }),
				count: msg.timesInIt({ count: Math.ceil(amount / bags - 1e-9) }),
				words: msg.bagsFlattened({ bags, colour })
			};
		}
		case 'flat':
			return cutting(pile, work);
		case 'piece': {
			if (!cut) return { why: msg.nobodySaidHowTheseWere2() };
			const pieces = Math.min(ballBags(work.plan) * cut.piecesPerBag, amount);
			return {
				type: 'join',
				typed: { kind: kindId, colour, cut: cutWord(cut), pieces: String(pieces) },
				label: msg.join({ pieces: wholeNumber(pieces) }),
				count: msg.ballsInIt({
					count: Math.floor(amount / (ballBags(work.plan) * cut.piecesPerBag) + 1e-9)
				}),
				words: msg.joined({ pieces: wholeNumber(pieces), colour, noun: pileNoun('piece', cut) })
			};
		}
		case 'strand':
			return balling(pile, work);
		default:
			return null;
	}
}
