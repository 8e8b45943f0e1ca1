import { cutWord, pileWord } from '../../src/lib/core/prepare/piles';
import type { Db } from '../../src/lib/server/db/db';
import { listPiles } from '../../src/lib/server/prepare/piles';
import { listTools } from '../../src/lib/server/prepare/tools';

type Typed = Record<string, string>;

/** What the table did with them: kind by its place in the list, colour, act and how much; cut by the plan of that name. */
type Act = readonly [
	at: string,
	kind: number,
	colour: string,
	act: 'flatten' | 'cut' | 'join' | 'ball' | 'chain' | 'load',
	much: number,
	by: string,
	plan?: string
];
/** A ball from the first bag to the label, on one evening. */
const ballOf = (day: string, colour: string, minute: number): readonly Act[] => {
	const at = (later: number) =>
		`${day}T${18 + Math.floor((minute + later) / 60)}:${String((minute + later) % 60).padStart(2, '0')}`;
	return [
		[at(0), 0, colour, 'flatten', 21, 'Pia'],
		[at(6), 0, colour, 'cut', 21, 'Odo', 'Mat for the Causeway'],
		[at(30), 0, colour, 'join', 80, 'Mabel'],
		[at(34), 0, colour, 'ball', 20, 'Gus', 'Mat for the Causeway']
	];
};
const acts: readonly Act[] = [
	...ballOf('11-05', 'white', 20),
	...ballOf('11-05', 'white', 50),
	...ballOf('11-12', 'white', 10),
	...ballOf('11-12', 'blue', 30),
	...ballOf('11-12', 'white', 60),
	['11-19T18:10', 0, 'white', 'flatten', 20, 'Pia'],
	['11-19T18:16', 0, 'white', 'flatten', 20, 'Pia'],
	['11-19T18:22', 0, 'white', 'flatten', 20, 'Bo'],
	['11-19T18:30', 0, 'blue', 'flatten', 20, 'Pia'],
	['11-19T18:36', 0, 'blue', 'flatten', 20, 'Bo'],
	['11-19T18:50', 0, 'white', 'cut', 20, 'Odo', 'Mat for the Causeway'],
	['11-19T19:02', 0, 'white', 'cut', 20, 'Odo', 'Mat for the Causeway'],
	['11-19T19:10', 0, 'blue', 'cut', 20, 'Ines', 'Mat for the Causeway'],
	['11-19T19:20', 0, 'blue', 'cut', 20, 'Ines', 'Mat for the Causeway'],
	['11-19T19:31', 0, 'white', 'join', 80, 'Mabel'],
	['11-19T19:45', 0, 'blue', 'join', 80, 'Tilde'],
	['11-19T19:52', 0, 'white', 'ball', 20, 'Gus', 'Mat for the Causeway'],
	['11-19T19:55', 0, 'blue', 'ball', 20, 'Gus', 'Mat for the Causeway'],
	['11-19T20:04', 0, 'blue', 'join', 48, 'Mabel'],
	['11-26T18:12', 0, 'blue', 'flatten', 20, 'Bo'],
	['11-26T18:18', 0, 'green', 'flatten', 20, 'Pia'],
	['11-26T18:24', 0, 'yellow', 'flatten', 20, 'Pia'],
	['11-26T18:40', 0, 'green', 'cut', 20, 'Odo', 'Mat for the Causeway'],
	['11-26T18:41', 1, 'green', 'flatten', 20, 'Hal'],
	['11-26T18:47', 1, 'green', 'flatten', 20, 'Hal'],
	['11-26T19:05', 0, 'white', 'cut', 20, 'Ines', 'Loom mat'],
	['11-26T19:20', 0, 'white', 'load', 3, 'Wren', 'Loom mat']
];

interface Table {
	readonly db: Db;
	readonly keep: (type: string, typed: Typed, day?: string) => Promise<string>;
	readonly kindOf: (at: number) => string;
	readonly planNamed: (start: string) => Typed;
}

/** Does at the table what was done there: pieces, strand and balls by the cut they lie in. */
export async function actAtTable({ db, keep, kindOf, planNamed }: Table): Promise<void> {
	const loom = (await listTools(db)).find(({ name }) => name === 'Long loom')?.id ?? '';
	for (const [at, kind, colour, act, much, by, plan = ''] of acts) {
		const lying = (form: string) =>
			listPiles(db).then((piles) =>
				piles.findLast(
					(pile) =>
						pile.kindId === kindOf(kind) && pile.colour === colour && pile.form === form && pile.cut
				)
			);
		const base = { kind: kindOf(kind), colour, by_name: by };
		const cutOf = async (form: string) => {
			const pile = await lying(form);
			return pile?.cut ? cutWord(pile.cut) : '';
		};
		const count = String(much);
		if (act === 'flatten') await keep('flatten', { ...base, bags: count }, at);
		else if (act === 'cut') {
			const use = plan.startsWith('Loom') ? 'warp' : 'strand';
			await keep('cut', { ...base, bags: count, ...planNamed(plan), use, spoiled: '5' }, at);
		} else if (act === 'join')
			await keep('join', { ...base, pieces: count, cut: await cutOf('piece') }, at);
		else if (act === 'load') {
			const pile = await lying('piece');
			const typed = { tool: loom, strands: count, pile: pile ? pileWord(pile) : '', by_name: by };
			await keep('load', { ...typed, ...planNamed(plan) }, at);
		} else
			await keep(
				'ball',
				{ ...base, bags: count, as: act, cut: await cutOf('strand'), ...planNamed(plan) },
				at
			);
	}
}
