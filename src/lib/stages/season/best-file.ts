import { bestFile as sayBest, seasonFile as say } from '$lib/words/season';
import type { HeldSeason } from '$lib/core/season/best/held';
import type { ReadFile } from '$lib/ui/read-json';
import { readJson } from '$lib/ui/read-json';
import { z } from 'zod';
import {
	hasTwice,
	idField,
	makerFields,
	makerOfFile,
	matFields,
	problem,
	seasonFields,
	seasonOfFile,
	weeksOfFile
} from './season-file';

/** A season whose best plan is asked for. */
export interface BestCase {
	readonly held: HeldSeason;
	readonly wanted: number;
	readonly seed: number;
	readonly runs: number;
}

/** What stands in a season's file and is not read here: weeks are the makers', and who holds no mat is free. */
const unread = z.unknown().optional();

const fileShape = z.strictObject(
	{
		...seasonFields,
		mats: z
			.array(
				z.strictObject(
					{ id: idField, maker: idField, ...matFields, weeks: unread, away: unread },
					{ error: sayBest.aMatHas() }
				),
				{ error: say.aListOfMatsBeing() }
			)
			.default([]),
		makers: z
			.array(z.strictObject({ ...makerFields, id: idField }, { error: sayBest.aMakerHas() }), {
				error: sayBest.aListOfMakers()
			})
			.default([]),
		free_makers: unread
	},
	{ error: sayBest.aSeasonHas() }
);

/** Reads a season and who holds what out of the text of a file, or says all that is wrong with it. */
export function readBestFile(text: string): ReadFile<BestCase> {
	const { value: data, problems } = readJson(text, fileShape);
	if (problems) return { problems };
	const { weeks, wrong } = weeksOfFile(data, data.mats.length + data.makers.length);
	if (wrong) return wrong;
	for (const name of ['mats', 'makers'] as const)
		if (hasTwice(data[name])) return problem(name, say.eachIdStandsOnce());
	const known = new Set(data.makers.map((maker) => maker.id));
	const strangers = data.mats.flatMap(({ maker }, at) =>
		known.has(maker) ? [] : [{ path: `mats.${at}.maker`, sentence: sayBest.nobodyIs({ maker }) }]
	);
	if (strangers.length > 0) return { problems: strangers };
	return {
		value: {
			wanted: data.wanted,
			seed: data.seed,
			runs: data.runs,
			held: {
				season: seasonOfFile(data, weeks),
				mats: data.mats.map(({ id, maker, done, rest_weeks: restWeeks }) => ({
					...{ id, maker, done, restWeeks },
					isOnLoom: false
				})),
				makers: data.makers.map((maker) => ({
					id: maker.id,
					...makerOfFile(maker, data, weeks)
				}))
			}
		}
	};
}
