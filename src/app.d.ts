import type { GroupId } from '$lib/server/base/group-id';

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
		}
	}
}

export {};
