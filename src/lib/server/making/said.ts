import type { Db } from '$lib/server/db/db';
import { groupBy } from '$lib/core/group-by';
import type { ColourName } from '$lib/core/colour/colours';
import type { FirstPass } from '$lib/core/techniques/peg-loom/meeting';
import { stripesIn } from '$lib/entries/types/mat-course';
import type { Wish } from '$lib/entries/types/note';
import type { IssuedBall, MatSaid, SizeAt } from '$lib/stages/making/mat-view';
import { nothingSaid } from '$lib/stages/making/mat-view';
import type { BallContent } from '$lib/stages/prepare/balls';

/** An entry on a mat, and what it led to. */
interface SaidRow {
	readonly id: number;
	readonly mat: string;
	readonly type: string;
	readonly typed: Readonly<Record<string, string>>;
	readonly at: Date;
	readonly isByLink: boolean;
	/** Of a ball that was given: its label, and what is in it. */
	readonly code: string | null;
	readonly ball: BallContent | null;
	/** What was measured or weighed, as it was read then. */
	readonly read: Readonly<Record<string, number | null>> | null;
}

/** Notes of a mat that are shown. */
const mostNotes = 30;

const saidText = `select e.id, label_of(e.typed ->> 'mat') as mat, e.type, e.typed, e.typed_at as at,
		e.link_id is not null as "isByLink", t.code, t.content as ball, m.read
	from standing_entry e
	left join thing t on e.type = 'issue' and t.group_id = e.group_id and t.code = label_of(e.typed ->> 'ball')
	left join mat_measure m on m.group_id = e.group_id and m.entry_id = e.id
	where e.group_id = $1 and label_of(e.typed ->> 'mat') = any($2::text[])
		and e.type in ('issue', 'note', 'wish', 'hand-on', 'mat-size', 'weighed', 'stripes', 'first-pass', 'remind')
		and ($3::bigint is null or e.id < $3)
	order by e.id`;

/** Strand of a ball by its colours: those of several by their bags. */
const givenBy = ({ id, ball }: SaidRow): MatSaid['given'] =>
	(ball?.colours ?? []).map(({ colour, bags }) => ({
		colour,
		metres: ((ball?.metres.expected ?? 0) * bags) / (ball && ball.bags > 0 ? ball.bags : bags),
		at: id
	}));

/** What was said, one after the other; a later word on the same stands for the one before. */
function readSaid(rows: readonly SaidRow[]): MatSaid {
	let { wish, stripes }: { wish: Wish | null; stripes: MatSaid['stripes'] } = nothingSaid;
	const firstPass = { ...nothingSaid.firstPass };
	for (const { type, typed } of rows) {
		if (type === 'wish') wish = typed['wish'] === 'fetch' ? 'fetch' : 'ball';
		// Who gives a ball, or takes the mat over, has seen to the wish.
		if ((type === 'issue' && wish === 'ball') || type === 'hand-on') wish = null;
		if (type === 'stripes') stripes = stripesIn(typed['stripes'] ?? '') ?? stripes;
		if (type === 'first-pass')
			firstPass[typed['side'] === 'far' ? 'far' : 'near'] = typed['pass'] as FirstPass;
	}
	const of = (type: string) => rows.filter((row) => row.type === type);
	return {
		issued: of('issue').flatMap(({ code, ball }): IssuedBall[] =>
			code !== null && ball ? [{ code, content: ball }] : []
		),
		given: of('issue').flatMap(givenBy),
		weighed: of('weighed').map(({ id, typed, read }) => ({
			colour: typed['colour'] as ColourName,
			leftM: read?.['leftM'] ?? 0,
			made: read?.['made'] ?? 0,
			at: id
		})),
		stripes,
		wish,
		sizes: of('mat-size').map(({ read }): SizeAt => ({
			row: read?.['row'] ?? 0,
			lengthMm: read?.['lengthMm'] ?? null,
			widthMm: read?.['widthMm'] ?? null
		})),
		notes: of('note')
			.slice(-mostNotes)
			.map(({ id, typed, at, isByLink }) => ({ id, text: typed['text'] ?? '', at, isByLink })),
		firstPass,
		remindedAt: of('remind').at(-1)?.at ?? null
	};
}

/**
 * What was said of some mats, by their labels.
 *
 * @param before the entry that asks, so that it does not find itself; null for all that was said
 */
export async function saidOf(
	db: Db,
	codes: readonly string[],
	before: number | null
): Promise<Map<string, MatSaid>> {
	const by = groupBy(
		await db.many<SaidRow>(saidText, [db.groupId, codes, before]),
		({ mat }) => mat
	);
	return new Map([...by].map(([code, rows]) => [code, readSaid(rows)]));
}
