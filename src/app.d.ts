import type { Db } from '$lib/server/db/db';
import type { Role } from '$lib/server/base/roles';
import type { Account } from '$lib/server/auth/identify';
import type { OpenedLink } from '$lib/server/book/links';

declare global {
	namespace App {
		interface Error {
			message: string;
			/** Named in the log beside what really happened. */
			requestId?: string;
		}
		interface Locals {
			requestId: string;
			db: Db;
			/** Who signed in; null where no one did, or needs to. */
			account: Account | null;
			/** What they are in the group; null for whoever is in none. */
			role: Role | null;
			/** What an act was about, for the trail; no name of a person. */
			about?: string;
			/** What a link opens, on the pages of links; null where it opens nothing. */
			link?: OpenedLink | null;
		}
	}
}

export {};
