import type { Db } from '$lib/server/db/db';
import { isSignInOn } from '$lib/server/auth/identify';
import { isProxyUnnamed } from './client-address';
import { isOnlyHere } from './own-address';

/** How this machine is reached, as the launcher told the application. */
export interface Reached {
	/** What phones call it; its own address where only this machine opens it. */
	readonly origin: string;
	/** Others than this machine can open it. */
	readonly isShared: boolean;
	readonly isHttps: boolean;
	readonly signsIn: boolean;
	/** A proxy stands before it, and no header says who came. */
	readonly isProxyUnnamed: boolean;
	readonly isRoot: boolean;
}

export function reachedNow(url: URL): Reached {
	const origin = process.env.ORIGIN ?? url.origin;
	const address = new URL(origin);
	return {
		origin,
		isShared: !isOnlyHere(address),
		isHttps: address.protocol === 'https:',
		signsIn: isSignInOn(),
		isProxyUnnamed: isProxyUnnamed(),
		isRoot: process.getuid?.() === 0
	};
}

/** What whoever runs the machine notes. */
export const houseNotes = ['copy', 'put-back'] as const;

/** What is noted of the copies of this machine. */
export interface CopiesNoted {
	/** Null where no launcher of Nest Row makes them: whoever runs the database does. */
	readonly nightly: {
		readonly isOn: boolean;
		readonly folder: string;
		readonly isSealed: boolean;
		readonly lastAt: Date | null;
		readonly problem: string | null;
	} | null;
	/** When a copy was put back last. */
	readonly putBackAt: Date | null;
}

export async function copiesNoted(db: Db): Promise<CopiesNoted> {
	const notes = await db.many<{
		name: (typeof houseNotes)[number];
		said: Record<string, unknown>;
		at: Date;
	}>('select name, said, at from house_note', []);
	const copy = notes.find(({ name }) => name === 'copy')?.said;
	const text = (said: unknown) => (typeof said === 'string' ? said : null);
	const lastAt = text(copy?.['lastAt']);
	return {
		nightly: copy
			? {
					isOn: copy['isOn'] === true,
					folder: text(copy['folder']) ?? '',
					isSealed: copy['isSealed'] === true,
					lastAt: lastAt === null ? null : new Date(lastAt),
					problem: text(copy['problem'])
				}
			: null,
		putBackAt: notes.find(({ name }) => name === 'put-back')?.at ?? null
	};
}
