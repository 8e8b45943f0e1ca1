import { HealthzDoor as say } from '$lib/words/house';
import { house } from '$lib/server/db/db';
import { json, type RequestHandler } from '@sveltejs/kit';

/** 200 while the database answers, 503 while it does not; nothing more is told. */
export const GET: RequestHandler = async () => {
	try {
		await house.one('select 1 as one', []);
		return json({ status: 'well' });
	} catch {
		return json({ status: say.theDatabaseIsAway() }, { status: 503 });
	}
};
