import type { MakerView } from './maker-view';

// What a link showed last stays on the phone: a page that comes out of the phone's own store is older.

const nameOf = ({ code, group }: Pick<MakerView, 'code' | 'group'>): string =>
	`nest-row mat ${group.groupId} ${code}`;

/** Keeps what was read last, where the phone remembers anything. */
export function keepView(view: MakerView, storage: () => Storage = () => localStorage): void {
	try {
		storage().setItem(nameOf(view), JSON.stringify(view));
	} catch {
		// A phone that remembers nothing shows what its page came with.
	}
}

/** The newer of what a page came with and what was read last. */
export function newestView(
	view: MakerView,
	storage: () => Storage = () => localStorage
): MakerView {
	try {
		const kept = JSON.parse(storage().getItem(nameOf(view)) ?? 'null') as MakerView | null;
		return kept && kept.readAt > view.readAt ? kept : view;
	} catch {
		return view;
	}
}
