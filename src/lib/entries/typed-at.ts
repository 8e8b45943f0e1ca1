const dayMs = 86_400_000;

/** This moment, as a device says when an entry was typed. */
export const nowSaid = (): string => new Date().toISOString();

/**
 * When an entry was typed, by the clock of its device: it may have waited there. A clock that runs
 * ahead, or is more than a year behind, is not believed, and the entry was typed now.
 */
export function typedAt(said: string | undefined, now: Date): Date {
	const ms = said === undefined ? NaN : Date.parse(said);
	return ms <= now.getTime() && now.getTime() - ms < 366 * dayMs ? new Date(ms) : now;
}
