import { matInHand as say } from '$lib/words/making';
import { contentOf } from '$lib/server/book/thing-content';
import type { Db } from '$lib/server/db/db';
import type { ColourRows } from '$lib/core/making/strand-left';
import { findThing } from '$lib/server/book/things';

type Found =
	| {
			readonly id: number;
			readonly planId: string;
			readonly planVersion: number;
			/** The rows and colours it was begun with; null where nobody wrote them down. */
			readonly stripes: readonly ColourRows[] | null;
			readonly problem?: never;
	  }
	| { readonly problem: string };

/** The mat with a code, where it is being made; else why it is not. */
export async function matInHand(db: Db, code: string): Promise<Found> {
	const thing = await findThing(db, code);
	if (!thing) return { problem: say.noMatOfThisGroup() };
	const { id, sort, planId, planVersion, state, content } = thing;
	if (sort !== 'mat' || planId === null || planVersion === null)
		return { problem: say.isOnNoMatBut({ code, sort }) };
	if (state === null) return { problem: say.wasTakenBackItIs({ code }) };
	if (state !== 'begun' && state !== 'made') return { problem: say.isNotBeingMadeAny({ code }) };
	const { stripes } = contentOf('mat', content);
	return { id, planId, planVersion, stripes: stripes ?? null };
}
