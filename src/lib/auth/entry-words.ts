import type { EntryTypeName } from '$lib/entries/registry';

/** Each entry as what somebody did. */
const words: Readonly<Record<EntryTypeName, string>> = {
	'drop-off': 'took in bags',
	sorting: 'sorted bags',
	movement: 'moved something in or out of the store',
	correction: 'took something back',
	timed: 'timed a work',
	measurement: 'measured',
	'bag-kind': 'measured a kind of bag',
	'same-kind': 'made two kinds of bag one',
	tool: 'measured a tool',
	flatten: 'flattened bags',
	cut: 'cut bags',
	join: 'joined pieces',
	ball: 'wound a ball',
	load: 'put strand on a loom',
	recount: 'counted a pile again',
	tap: 'tapped a lot at the table',
	presence: 'came or went at a table day',
	scrap: 'weighed scrap',
	begin: 'began a mat',
	'hand-on': 'handed a mat on',
	row: 'counted a row',
	rows: 'set the rows of a mat',
	issue: 'gave strand out for a mat',
	note: 'wrote a note on a mat',
	wish: 'wished for something for a mat',
	'mat-size': 'measured a mat',
	weighed: 'weighed what was left of a mat',
	stripes: 'chose the stripes of a mat',
	'first-pass': 'set the first pass of a mat',
	remind: 'had a maker reminded',
	finish: 'finished a mat',
	check: 'checked a mat',
	mended: 'mended a mat',
	deliver: 'handed mats over',
	received: 'noted that mats were received',
	'sent-back': 'noted that a mat was sent back',
	asked: 'noted what a place asks for',
	promised: 'promised mats to a place',
	pillow: 'made a pillow',
	unwound: 'took a mat apart',
	teaches: 'kept a mat to teach with',
	foretold: 'kept what was foretold',
	'week-note': 'kept the note of the week',
	'day-word': 'wrote to the people of a table day',
	practised: 'practised'
};

/** What an entry of this type was, as something that was done. */
export const entryWords = (type: string): string =>
	type in words ? words[type as EntryTypeName] : `kept a “${type}”`;
