import type { FaultKind, WorkStep } from '$lib/core/check/faults';
import type { Mended } from '$lib/core/check/remedies';
import type { CheckReason, CheckResult } from '$lib/core/check/judge-mat';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { MadeState } from './check-view';

/** A fault, and how it is mended, step by step. */
export interface FaultWords {
	readonly name: string;
	readonly remedy: readonly string[];
}

export const faultWords: Readonly<Record<FaultKind, FaultWords>> = {
	'torn-joint': {
		name: 'strip torn at a joint',
		remedy: [
			'Cut back to sound film on both sides.',
			'Tie the ends with an overhand knot.',
			'Pull from the knot, not from the far end, and lay the tails under.'
		]
	},
	'uneven-ring': {
		name: 'ring uneven, one side bowed',
		remedy: ['Loosen the joint.', 'Slide both sides level.', 'Tighten it, snug and small.']
	},
	'double-strip': {
		name: 'strip of double width slipped in',
		remedy: [
			'Free the strip.',
			'Split it along its middle, or keep it for the border.',
			'Join one half in its place.'
		]
	},
	'tight-joint': {
		name: 'joint too tight',
		remedy: ['Cut the joint out.', 'Join the ends anew: snug, small, undoable.']
	},
	'loose-joint': {
		name: 'joint too loose',
		remedy: ['Draw both ends from the joint.', 'Stop when it is snug, before it is hard.']
	},
	narrows: {
		name: 'mat narrows',
		remedy: [
			'Count the stitches of the last row against the plan.',
			'Add the missing ones at the end of the next rows, one a row;',
			'or go back to the row where it began.'
		]
	},
	waves: {
		name: 'mat waves',
		remedy: ['Take the row back.', 'Work fewer stitches, or with a bigger hook.']
	},
	cups: {
		name: 'mat cups',
		remedy: ['Take the row back.', 'Work it looser.']
	},
	'loose-rows': {
		name: 'rows not beaten',
		remedy: ['Push the rows down with fingers or a fork.', 'Add rows where room was made.']
	},
	'ends-alike': {
		name: 'both ends meet alike',
		remedy: ['Take one of the two rows out, or weave one between them.', 'Close it.']
	},
	'knot-at-peg': {
		name: 'knot at a peg',
		remedy: ['Shorten one piece of the strand.', 'Move the knot 75 mm in.']
	},
	'edge-missed': {
		name: 'edge strand of the frame missed',
		remedy: ['Before it comes off, draw a strand through with a hook, row by row.']
	},
	'nails-missed': {
		name: 'first or last row not under the nails’ loops',
		remedy: ['Thread the row under each loop with a hook.', 'Back-stitch twice.']
	},
	'rod-off': {
		name: 'rod popped off',
		remedy: ['Hold the rod with eyes or clips.', 'Pull the edge back before the next row.']
	},
	'band-curls': {
		name: 'band curls or rounds',
		remedy: ['Undo it.', 'Lay it flat.', 'Weave it again with less pull.']
	},
	'loose-tail': {
		name: 'tail came loose',
		remedy: ['Lead it back under five stitches, against the pull.']
	},
	'weak-tie': {
		name: 'tie is weak',
		remedy: ['Open it.', 'Work a new one into the edge, through two stitches.', 'Pull to try it.']
	},
	damp: {
		name: 'damp or smell',
		remedy: ['Hose it.', 'Hang it for a day.', 'Never pack it wet.']
	}
};

export const stepWords: Readonly<Record<WorkStep, string>> = {
	sort: 'sorting',
	cut: 'cutting',
	join: 'joining',
	make: 'making',
	finish: 'finishing',
	store: 'storing'
};

export const resultWords: Readonly<Record<CheckResult, string>> = {
	good: 'good',
	mend: 'mend it',
	apart: 'take it apart for strand',
	'other-use': 'another use'
};

export const stateWords: Readonly<Record<MadeState, string>> = {
	finished: 'to check',
	mended: 'mended: check it again',
	'to-mend': 'to mend',
	good: 'good',
	'other-use': 'for another use',
	'taken-apart': 'taken apart',
	delivered: 'on its way',
	received: 'received',
	'sent-back': 'sent back: check it again'
};

const percent = (share: number) => `${Math.round(Math.abs(share) * 100)} %`;

/** Why a mat is not good, in a line. */
export function checkReasonWords(reason: CheckReason): string {
	switch (reason.why) {
		case 'fault':
			return `${faultWords[reason.kind].name}${reason.count > 1 ? `, ${reason.count} times` : ''}`;
		case 'short':
			return `${percent(reason.share)} shorter than its plan`;
		case 'long':
			return `${percent(reason.share)} longer than its plan`;
		case 'narrow':
			return `${percent(reason.share)} narrower than its plan`;
		case 'wide':
			return `${percent(reason.share)} wider than its plan`;
		case 'thin':
			return `thin: ${percent(reason.share)} of its plan’s grams a square metre`;
		case 'goes-through':
			return `a fingertip goes through at ${reason.places} of 15 places`;
	}
}

/** How a place that a fingertip goes through is mended, by the technique, step by step. */
const throughRemedy: Readonly<Record<TechniqueKind, readonly string[]>> = {
	crochet: [
		'Find how far it is loose.',
		'Darn it with a strand and a hook, through the stitches around it.'
	],
	'peg-loom': ['Find how far it is loose.', 'Push the rows together there, and add rows.'],
	twined: ['Find how far it is loose.', 'Push the rows together there, and add a row.'],
	'finger-bands': [
		'Find how far it is loose.',
		'Draw the band’s edges together with a strand, in and out.'
	]
};

/** The steps of a remedy, in words. */
export const remedyWords = (kind: Mended, technique: TechniqueKind): readonly string[] =>
	kind === 'through' ? throughRemedy[technique] : faultWords[kind].remedy;
