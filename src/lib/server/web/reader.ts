import { reader as say } from '$lib/words/house';
import type { Db } from '$lib/server/db/db';
import { lengthSystems } from '$lib/core/units/format-length';
import { stitchTerms } from '$lib/ui/stitch-words';
import type { Reader } from '$lib/ui/reader';
import { papers, usualLocale, usualPaper, usualZone } from '$lib/ui/reader';
import { todayIn } from '$lib/ui/days';
import type { Cookies } from '@sveltejs/kit';
import type { Group } from '$lib/server/db/groups';
import { findGroup, unnamed } from '$lib/server/db/groups';
import { isDatabaseAway } from '$lib/server/db/pool';
import { nobodysGroupId } from '$lib/server/base/group-id';

/** How to write while the group's own choice cannot be asked, and to whoever is in none. */
const meanwhile: Group = {
	name: say.nestRow(),
	lengthSystem: 'cm',
	stitchTerms: 'us',
	timeZone: usualZone,
	locale: usualLocale,
	offlineDays: 7,
	teensCutSharp: false,
	hasDemoWorld: false
};

interface Asking {
	readonly locals: { readonly db: Db };
	readonly cookies: Cookies;
}

/** A group and a device's own choices as whoever reads. */
export function readerOfGroup(db: Db, group: Group, cookies: Cookies, now = new Date()): Reader {
	const lengths = cookies.get('lengths');
	const terms = cookies.get('terms');
	const lengthSystem = lengthSystems.find((system) => system === lengths) ?? group.lengthSystem;
	const timeZone = group.timeZone ?? usualZone;
	return {
		groupId: db.groupId,
		name: group.name,
		lengthSystem,
		stitchTerms: stitchTerms.find((one) => one === terms) ?? group.stitchTerms,
		timeZone,
		locale: group.locale ?? usualLocale,
		paper: papers.find((paper) => paper === cookies.get('paper')) ?? usualPaper(lengthSystem),
		today: todayIn(timeZone, now),
		isNameUnknown: group.name === unnamed && cookies.get('naming') !== 'later',
		isDemo: group.hasDemoWorld,
		offlineDays: group.offlineDays,
		isHallUnknown: group.timeZone === null || group.locale === null
	};
}

/** Who reads, while the database can be reached. */
export const readerOf = async ({ locals, cookies }: Asking): Promise<Reader> =>
	readerOfGroup(
		locals.db,
		locals.db.groupId === nobodysGroupId ? meanwhile : await findGroup(locals.db),
		cookies
	);

/** The same, in words usual everywhere while it cannot. */
export async function readerOrUsual({ locals, cookies }: Asking): Promise<Reader> {
	try {
		return await readerOf({ locals, cookies });
	} catch (problem) {
		if (!isDatabaseAway(problem)) throw problem;
		return readerOfGroup(locals.db, meanwhile, cookies);
	}
}
