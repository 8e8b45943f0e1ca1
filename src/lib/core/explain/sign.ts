/** What stands in a relation that is written out: the symbol of a step, a part of a relation, or a number. */
export type Sign = string | number;

/**
 * As it is written: numbers with six places at most.
 *
 * @example [sign('w'), sign(3 * 1.15)] // ['w', '3.45']
 */
export const sign = (part: Sign): string =>
	typeof part === 'string' ? part : String(Number(part.toFixed(6)));

/** What is left of it when all that is within brackets is out. */
const outside = (text: string): string => {
	const without = text.replace(/\([^()]*\)/g, '');
	return without === text ? text : outside(without);
};

/**
 * As it is multiplied: sums in brackets.
 *
 * @example [factor('a * b'), factor('a + b')] // ['a * b', '(a + b)']
 */
export const factor = (part: Sign): string =>
	/ [+-] /.test(outside(sign(part))) ? `(${sign(part)})` : sign(part);

/**
 * As it is divided by, or raised: all that is more than one sign in brackets.
 *
 * @example [whole('a'), whole('a * b')] // ['a', '(a * b)']
 */
export const whole = (part: Sign): string =>
	/ /.test(outside(sign(part))) ? `(${sign(part)})` : sign(part);

/**
 * A relation without what changes nothing: times one, plus nothing.
 *
 * @example tidy('1 * a * b * 1 - 0') // 'a * b'
 */
export const tidy = (relation: string): string =>
	relation
		.replace(/(?<![\w.])0 \* [\w']+ \+ /g, '')
		.replace(/ [*/] 1(?![\w.])/g, '')
		.replace(/(?<![\w.])1 \* /g, '')
		.replace(/ [+-] 0(?![\w.])/g, '');
