/** Colours a table sorts bags into; every one is doubled by its name and a pattern where it is shown. */
export const colourNames = [
	'white',
	'clear',
	'grey',
	'black',
	'blue',
	'green',
	'yellow',
	'orange',
	'red',
	'pink',
	'brown',
	'mixed'
] as const;
export type ColourName = (typeof colourNames)[number];
