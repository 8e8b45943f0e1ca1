import type { GroupId } from '$lib/server/base/group-id';
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
			groupId: GroupId;
			/** What a link opens, on the pages of links; null where it opens nothing. */
			link?: OpenedLink | null;
		}
	}
}

export {};
