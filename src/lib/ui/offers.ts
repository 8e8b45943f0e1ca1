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

/** The act that an address of a form asks for: `?/want` on a page, or `/groups?/choose`. */
export function actAsked(action: string, routeId: string): string | null {
	const found = /^([^?#]*)\?(?:[^#]*&)?\/([\w-]+)/.exec(action);
	return found ? `${found[1] || routeId} ${found[2] ?? ''}` : null;
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

const attribute = (tag: string, name: string): string | null =>
	new RegExp(`\\b${name}="([^"]*)"`).exec(tag)?.[1]?.replaceAll('&amp;', '&') ?? null;

/**
 * A page as it is written, without what is not offered: it is hidden before anything runs. A form that is a whole page
 * stays, and its own buttons go.
 */
export function withoutOffers(html: string, not: NotOffered, routeId: string): string {
	const forms = html.replace(/<form\b[^>]*>(?=([\s\S]{0,400}))/g, (tag: string, after: string) => {
		if (attribute(tag, 'data-offers') === 'always') return tag;
		const [own = ''] = after.split('</form');
		const typed = /<input type="hidden" name="type" value="([\w-]+)"/.exec(own)?.[1];
		const isGoing = /\bmethod="post"/i.test(tag);
		return !isGoing || isOffered(not, attribute(tag, 'action') ?? '', routeId, typed ?? null)
			? tag
			: tag.replace('<form', '<form hidden');
	});
	return forms.replace(/<(a|button)\b[^>]*>/g, (tag: string, name: string) => {
		const href = attribute(tag, 'href')?.split(/[?#]/)[0];
		const to = attribute(tag, 'formaction') ?? attribute(tag, 'data-act') ?? '';
		const isGone =
			(href !== undefined && not.pages.includes(href)) || !isOffered(not, to, routeId, null);
		return isGone ? tag.replace(`<${name}`, `<${name} hidden`) : tag;
	});
}

/** The same of a page as it stands, and as it changes. Returns how to stop. */
export function keepOffers(
	root: Element,
	not: () => NotOffered,
	routeId: () => string
): () => void {
	const look = () => {
		const now = not();
		if (now.acts.length + now.entries.length + now.pages.length === 0) return;
		for (const form of root.querySelectorAll('form')) {
			if (form.dataset['offers'] === 'always' || form.method !== 'post') continue;
			const type = form.querySelector<HTMLInputElement>('input[type=hidden][name=type]')?.value;
			const isHidden = !isOffered(now, form.getAttribute('action') ?? '', routeId(), type ?? null);
			if (isHidden && !form.hidden) form.hidden = true;
		}
		for (const one of root.querySelectorAll<HTMLElement>('a[href], [formaction], [data-act]')) {
			const href = one.getAttribute('href')?.split(/[?#]/)[0];
			const to = one.getAttribute('formaction') ?? one.dataset['act'] ?? '';
			const isHidden =
				(href !== undefined && now.pages.includes(href)) || !isOffered(now, to, routeId(), null);
			if (isHidden && !one.hidden) one.hidden = true;
		}
	};
	look();
	const watch = new MutationObserver(look);
	watch.observe(root, { childList: true, subtree: true });
	return () => watch.disconnect();
}
