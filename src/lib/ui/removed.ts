/** Days in which what was removed can be brought back. */
export const removedDays = 7;

export const removedSorts = ['plan', 'kind', 'place', 'tool'] as const;
export type RemovedSort = (typeof removedSorts)[number];

/** Something that was removed and can be brought back. */
export interface RemovedLine {
	readonly sort: RemovedSort;
	readonly id: string;
	readonly name: string;
	readonly at: Date;
}
