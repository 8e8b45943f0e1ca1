/** What is typed and not kept yet, on this device and in this tab only: gone with it, and as somebody signs out. */
const begin = 'nest-row draft ';
/** A draft longer than this is none. */
const mostLetters = 20_000;

const storage = (): Storage | null => {
	try {
		return globalThis.sessionStorage ?? null;
	} catch {
		return null;
	}
};

/**
 * What was typed into a form of a page and not kept; null where nothing was.
 *
 * @param owner whose it is: an account, for a group
 * @param form the page and the form of it
 */
export function readDraft(owner: string, form: string): Readonly<Record<string, string>> | null {
	try {
		const read: unknown = JSON.parse(storage()?.getItem(`${begin}${owner} ${form}`) ?? 'null');
		if (typeof read !== 'object' || read === null || Array.isArray(read)) return null;
		const texts = Object.entries(read).filter(
			(pair): pair is [string, string] => typeof pair[1] === 'string'
		);
		return texts.length > 0 ? Object.fromEntries(texts) : null;
	} catch {
		return null;
	}
}

/** Remembers what is typed into a form, or that nothing is. A device that keeps nothing forgets it with the page. */
export function writeDraft(
	owner: string,
	form: string,
	typed: Readonly<Record<string, string>> | null
): void {
	const at = `${begin}${owner} ${form}`;
	try {
		const text = typed && JSON.stringify(typed);
		if (text !== null && text.length <= mostLetters) storage()?.setItem(at, text);
		else storage()?.removeItem(at);
	} catch {
		// It stands on the page all the same.
	}
}

/** Forgets whatever was typed on this device and not kept: somebody signs out, or in. */
export function forgetDrafts(): void {
	const kept = storage();
	if (!kept) return;
	for (const at of Object.keys(kept)) if (at.startsWith(begin)) kept.removeItem(at);
}
