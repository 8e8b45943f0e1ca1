import type { ColourName } from '../colour/colours';
import type { Stock } from './allocate-store';
import { worthInBags } from './allocate-store';
import type { MatDemand } from './mat-demand';

/**
 * What a mat that is begun still asks for: its demand less what it has been given. What it has of a
 * colour goes to that colour first, and what is over to what may be of any colour.
 *
 * @param given what it has of its own kind of bag
 * @returns the demand of what it lacks, never below nothing
 * @example demandLeft({ bags: 50, byColour: { blue: 20 }, ofAnyColour: 30, bagsPerBall: 20, bagsPerPiece: 0.25, bagsPerGood: 1.08 }, [{ kind: 'Thin carrier', colour: 'blue', form: 'ball', amount: 2, bagsEach: null }]).ofAnyColour // 10
 */
export function demandLeft(demand: MatDemand, given: readonly Stock[]): MatDemand {
	const has = new Map<ColourName, number>();
	for (const line of given)
		has.set(line.colour, (has.get(line.colour) ?? 0) + line.amount * worthInBags(line, demand));
	const byColour: Partial<Record<ColourName, number>> = {};
	let named = 0;
	for (const [name, bags] of Object.entries(demand.byColour)) {
		const colour = name as ColourName;
		const used = Math.min(bags, has.get(colour) ?? 0);
		has.set(colour, (has.get(colour) ?? 0) - used);
		if (bags > used) byColour[colour] = bags - used;
		named += bags - used;
	}
	const over = [...has.values()].reduce((sum, bags) => sum + bags, 0);
	const ofAnyColour = Math.max(0, demand.ofAnyColour - over);
	return { ...demand, bags: named + ofAnyColour, byColour, ofAnyColour };
}
