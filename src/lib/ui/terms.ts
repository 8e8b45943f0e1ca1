/** Words that need one: each with a plain phrase. */
export const terms = {
	cover: {
		word: 'Cover',
		means:
			'How well the strand fills the mat: how many times over its surface is covered by strand. The higher, the closer; where it is close, a fingertip does not go through and the cold does not come up.'
	},
	interval: {
		word: 'Four times in five',
		means:
			'No two tables work alike. Make five such mats, and about four of them will come out between the two figures; one may lie outside. Your own measures bring the two closer together.'
	},
	newton: {
		word: 'N (newton)',
		means:
			'A pull. One N is about the weight of an apple hanging from the strand; ten are a litre of water. A careless tug is about 12.'
	},
	micron: {
		word: 'µm (micrometre)',
		means:
			'A thousandth of a millimetre. Thin carrier film is about 12 to 18 of them, a hair about 70. It is worked out from what ten bags weigh.'
	},
	pin: {
		word: 'Pin',
		means:
			'Puts this plan beside the bench to measure against: change a choice, and every figure says how far it moved. It stays on this device.'
	},
	unbeaten: {
		word: 'Unbeaten',
		means:
			'No other way needs as few bags, as few hours, and covers as close, all at once. To have less of one you must give more of another.'
	},
	strand: {
		word: 'Strand (plarn)',
		means:
			'The yarn made of bags: strips cut of film and joined end to end, ready to crochet or weave. Many call it plarn, from plastic and yarn.'
	}
} as const;
export type TermName = keyof typeof terms;
