import { DomainError } from '../domain-error';

/** The month a season begins in: what is made through autumn is handed over before and in winter. */
const firstMonth = 9;

/**
 * The season a day lies in, by the year it begins in: from the first of September to the end of August.
 *
 * @param day as `2026-11-26`
 * @throws DomainError where that is no day
 * @example seasonOf('2026-11-26') // 2026
 * @example seasonOf('2027-08-31') // 2026
 */
export function seasonOf(day: string): number {
	const [year = NaN, month = NaN] = day.split('-').map(Number);
	if (!(year > 0) || !(month >= 1 && month <= 12))
		throw new DomainError('day', NaN, { moreThan: 0 });
	return month >= firstMonth ? year : year - 1;
}
