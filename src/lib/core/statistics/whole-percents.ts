import { within } from '../domain-error';

/**
 * Shares as whole percent that add up to 100: each is rounded down, and what is open goes to the largest remainders.
 *
 * @param shares by name, each 0 or more; what they add up to is the whole
 * @returns whole percent by name, in the same order; all 0 where the shares are
 * @throws DomainError
 * @source method of largest remainders
 * @example wholePercents({ bags: 0.335, yarn: 0.335, makers: 0.33 }) // { bags: 34, yarn: 33, makers: 33 }
 */
export function wholePercents<Name extends string>(
	shares: Readonly<Partial<Record<Name, number>>>
): Partial<Record<Name, number>> {
	const named = (Object.entries(shares) as [Name, number][]).map(([name, share]) => ({
		name,
		share: within(name, share, { atLeast: 0 })
	}));
	const whole = named.reduce((sum, { share }) => sum + share, 0);
	const parts = named.map(({ name, share }) => {
		const percent = whole > 0 ? (100 * share) / whole : 0;
		return { name, down: Math.floor(percent + 1e-9), percent };
	});
	let open = whole > 0 ? 100 - parts.reduce((sum, { down }) => sum + down, 0) : 0;
	const order = parts.toSorted(
		(one, other) => other.percent - other.down - (one.percent - one.down)
	);
	const raised = new Set<Name>();
	for (const { name } of order) if (open-- > 0) raised.add(name);
	return Object.fromEntries(
		parts.map(({ name, down }) => [name, down + (raised.has(name) ? 1 : 0)])
	) as Partial<Record<Name, number>>;
}
