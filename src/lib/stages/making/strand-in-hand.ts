import type { ColourName } from '$lib/core/colour/colours';
import { strandGiven } from '$lib/core/making/strand-given';
import type { StrandLeft } from '$lib/core/making/strand-left';
import { runsOutAt, strandLeft } from '$lib/core/making/strand-left';
import type { CountedMat, IssuedBall, MatLack, Made, MatLook, MatSaid } from './mat-view';
import { workOrder } from './work-order';

/** Linear density of the strand that was given in a colour, g a metre; null where none was given by a label. */
export function densityOf(issued: readonly IssuedBall[], colour: ColourName): number | null {
	const own = issued.filter(({ content }) => content.colours.some((one) => one.colour === colour));
	const metres = own.reduce((sum, { content }) => sum + content.metres.expected, 0);
	return metres > 0
		? own.reduce((sum, { content }) => sum + content.filmMg, 0) / 1000 / metres
		: null;
}

/** A colour as a mat's stripes know it: where nobody planned any, strand of every colour is as good as another. */
export const plannedColour = (stripes: MatLook['stripes'], colour: ColourName): ColourName =>
	stripes.every((stripe) => stripe.colour === 'mixed') ? 'mixed' : colour;

/** What was given or weighed, in the colours that a mat's stripes know. */
export const asPlanned = <One extends { readonly colour: ColourName }>(
	stripes: MatLook['stripes'],
	all: readonly One[]
): One[] => all.map((one) => ({ ...one, colour: plannedColour(stripes, one.colour) }));

/** Strand of a mat by colour: what it still takes, what is at hand, what lacks. */
export interface InHand {
	readonly left: readonly StrandLeft[];
	readonly lacks: readonly MatLack[];
	readonly givenM: Partial<Readonly<Record<ColourName, number>>>;
}

/** The strand of a mat as it stands. */
export function strandOf(
	{ stripes: planned, rowM }: Pick<MatLook, 'stripes' | 'rowM'>,
	made: Made,
	{ given, weighed }: Pick<MatSaid, 'given' | 'weighed'>
): InHand {
	const stripes = workOrder(planned, made);
	const count = made.near + made.far;
	const givenM = strandGiven(stripes, rowM, asPlanned(planned, given), asPlanned(planned, weighed));
	const left = strandLeft(stripes, count, rowM, givenM);
	const lacks = left.flatMap(({ colour, inHandM, lacksM }): MatLack[] => {
		const row = runsOutAt(stripes, count, rowM, colour, inHandM);
		return row === null ? [] : [{ colour, lacksM, row }];
	});
	return { left, lacks, givenM };
}

/** The ball that the next row takes from, by its label, and the row it ends in; null where nobody can say. */
export function ballInWork(
	look: Pick<MatLook, 'stripes' | 'rowM'>,
	made: Made,
	said: Pick<CountedMat['said'], 'given' | 'weighed' | 'issued'>
): { readonly code: string; readonly row: number } | null {
	const { stripes: planned, rowM } = look;
	const stripes = workOrder(planned, made);
	const count = made.near + made.far;
	const next = colourAt(stripes, count);
	if (next === null) return null;
	const { givenM, left } = strandOf(look, made, said);
	const inHandM = left.find(({ colour }) => colour === next)?.inHandM ?? 0;
	const isAny = planned.every(({ colour }) => colour === 'mixed');
	const own = said.issued.filter(
		({ content }) => isAny || content.colours.some(({ colour }) => colour === next)
	);
	const allM = own.reduce((sum, { content }) => sum + content.metres.expected, 0);
	if (allM <= 0 || inHandM <= 0) return null;
	// What was weighed makes each of them longer or shorter alike.
	const scale = (givenM[next] ?? 0) / allM;
	let endM = 0;
	const usedM = (givenM[next] ?? 0) - inHandM;
	for (const { code, content } of own) {
		endM += content.metres.expected * scale;
		if (endM <= usedM + 1e-9) continue;
		const row = runsOutAt(stripes, count, rowM, next, endM - usedM);
		return row === null ? null : { code, row };
	}
	return null;
}

/** The colour of the row after so many. */
function colourAt(stripes: MatLook['stripes'], made: number): ColourName | null {
	let until = 0;
	for (const { colour, rows } of stripes) {
		until += rows;
		if (made < until) return colour;
	}
	return null;
}
