import { defaults } from '../../defaults';

/**
 * Hooks in common use: millimetres, with the US letter and the old UK number where there is one. Letters
 * above L differ between makers, so a letter alone says no size.
 */
export const hooks = [
	{ mm: 2, us: null, uk: '14' },
	{ mm: 2.25, us: 'B', uk: '13' },
	{ mm: 2.5, us: null, uk: '12' },
	{ mm: 2.75, us: 'C', uk: null },
	{ mm: 3, us: null, uk: '11' },
	{ mm: 3.25, us: 'D', uk: '10' },
	{ mm: 3.5, us: 'E', uk: '9' },
	{ mm: 3.75, us: 'F', uk: null },
	{ mm: 4, us: 'G', uk: '8' },
	{ mm: 4.5, us: '7', uk: '7' },
	{ mm: 5, us: 'H', uk: '6' },
	{ mm: 5.5, us: 'I', uk: '5' },
	{ mm: 6, us: 'J', uk: '4' },
	{ mm: 6.5, us: 'K', uk: '3' },
	{ mm: 7, us: null, uk: '2' },
	{ mm: 7.5, us: null, uk: '1' },
	{ mm: 8, us: 'L', uk: '0' },
	{ mm: 9, us: 'M', uk: '00' },
	{ mm: 10, us: 'N', uk: '000' },
	{ mm: 11.5, us: 'P', uk: null },
	{ mm: 12, us: null, uk: null },
	{ mm: 15, us: 'P', uk: null },
	{ mm: 15.75, us: 'Q', uk: null },
	{ mm: 16, us: 'Q', uk: null },
	{ mm: 19, us: 'S', uk: null },
	{ mm: 20, us: null, uk: null },
	{ mm: 25, us: 'U', uk: null },
	{ mm: 30, us: 'T', uk: null }
] as const satisfies readonly { mm: number; us: string | null; uk: string | null }[];

/**
 * Hook sizes that suit a strand, mm: from the near end (a dense mat) to the far end (an open one).
 *
 * @example suitableHookMm(3.2) // { near: 6.4, far: 8.32 }
 */
export function suitableHookMm(bulkDiameterMm: number): { near: number; far: number } {
	return {
		near: defaults.hookNear.value * bulkDiameterMm,
		far: defaults.hookFar.value * bulkDiameterMm
	};
}

/**
 * Hooks there are to choose from, mm: those of the group, or all in common use where none is named.
 *
 * @example hooksOf([6, 10]) // [6, 10]
 */
export const hooksOf = (owned?: readonly number[]): readonly number[] =>
	owned && owned.length > 0 ? [...owned].sort((a, b) => a - b) : hooks.map(({ mm }) => mm);

/**
 * The hook nearest to a size, mm, of those there are.
 *
 * @param owned hooks of the group; all in common use if not given
 * @example [nearestHookMm(8.3), nearestHookMm(8.3, [6, 10])] // [8, 10]
 */
export const nearestHookMm = (sizeMm: number, owned?: readonly number[]): number =>
	hooksOf(owned).reduce((best, mm) =>
		Math.abs(mm - sizeMm) < Math.abs(best - sizeMm) ? mm : best
	);
