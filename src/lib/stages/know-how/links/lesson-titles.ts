/** Every act, in the order of the work, by what it is called. */
export const actTitles = {
	sort: 'Sort a bag',
	flatten: 'Flatten a bag and tuck its sides',
	fold: 'Fold a bag for cutting',
	trim: 'Trim the seam and the handles',
	rings: 'Cut a bag into rings',
	spiral: 'Cut a bag into one long strip',
	'half-bag': 'Cut a bag in half',
	'loop-joint': 'Join two rings on the table',
	'loop-joint-wrists': 'Join two rings over the wrist',
	'loop-joint-t': 'Join two rings as a T',
	overhand: 'Tie two ends with an overhand knot',
	even: 'Make a joint even and snug',
	'ball-fingers': 'Wind a ball on two fingers',
	'ball-winder': 'Wind a ball on a winder',
	'ball-centre': 'Wind a ball that is drawn from its middle',
	spin: 'Spin a strand, and ply two',
	chain: 'Crochet a chain',
	sc: 'The shortest stitch',
	hdc: 'The middle stitch',
	dc: 'The tall stitch',
	turn: 'Turn at the end of a row',
	'new-ball': 'Join a new ball',
	warp: 'Lay the warp on a peg loom',
	twist: 'Twist the strands of the warp',
	'over-under': 'Weave over and under',
	'hand-over-half': 'Hand over half way',
	meet: 'Meet in the middle',
	'chain-off': 'Chain the mat off the loom',
	nails: 'Lead the warp round the nails, and set the rods',
	'first-row': 'The first row, under the nails’ loops',
	twine: 'Twine a pair of strands',
	'last-row': 'The last row, with a hook',
	panels: 'Join panels into a mat',
	'band-weave': 'Weave a band with the fingers',
	'band-turn': 'Braid the turn of a band',
	'band-link': 'Link a band to the one before',
	'band-tuck': 'Tuck an end away',
	ties: 'Make the ties',
	strap: 'Add a strap',
	roll: 'Roll and tie a mat',
	pillow: 'Stuff a pillow',
	'handle-strand': 'Chain the handles into a strand'
} as const;
export type ActName = keyof typeof actTitles;
export const actNames = Object.keys(actTitles) as ActName[];

/** The act of a name that comes from elsewhere; null where there is none. */
export const lessonOf = (name: string): ActName | null =>
	actNames.find((one) => one === name) ?? null;
