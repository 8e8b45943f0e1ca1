import type { GroupId } from '../base/group-id';
import { localGroupId } from '../base/group-id';

/**
 * Decides which group a request belongs to: the only place that does. Every query takes its answer,
 * so that signing in can be added here without touching them.
 */
export function groupOfRequest(_request: Request): Promise<GroupId> {
	return Promise.resolve(localGroupId);
}
