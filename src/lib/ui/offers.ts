/** What somebody may not do here: it is offered to them nowhere. Read off the same list that the server lets acts in by. */
export interface NotOffered {
	/** Acts, by route and name, as `/plans delete`. */
	readonly acts: readonly string[];
	/** Types of entries. */
	readonly entries: readonly string[];
	/** Pages, by their address. */
	readonly pages: readonly string[];
}
export const allOffered: NotOffered = { acts: [], entries: [], pages: [] };

/** Where an act stands in an address: the page, the question up to its name, and the name. */
const actAddress = /^([^?#]*)(\?(?:[^#]*&)?\/([\w-]+))/;

/** An address of an act with the group it is for; what is none stays as it is. */
export const forGroup = (action: string, groupId: string): string =>
	action.replace(actAddress, `$1$2&group=${groupId}`);

/** The act that an address of a form asks for: `?/want` on a page, or `/groups?/choose`. */
export function actAsked(action: string, routeId: string): string | null {
	const found = actAddress.exec(action);
	return found ? `${found[1] || routeId} ${found[3] ?? ''}` : null;
}

/** Whether a form is offered, by where it goes and the type of entry it keeps, if it keeps one. */
export function isOffered(
	not: NotOffered,
	action: string,
	routeId: string,
	type: string | null
): boolean {
	if (type !== null && not.entries.includes(type)) return false;
	const act = actAsked(action, routeId);
	return act === null || !not.acts.includes(act);
}
