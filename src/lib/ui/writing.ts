/** How numbers and moments are written for whoever reads. */
interface Writing {
	readonly locale: string;
	readonly timeZone: string;
}

const usual: Writing = { locale: 'en-GB', timeZone: 'UTC' };
let now: Writing = usual;

/** Formatters by what they write: one costs more than the page it stands on. */
const made = new Map<string, unknown>();
function once<Format>(key: string, make: () => Format): Format {
	const known = made.get(key) as Format | undefined;
	if (known) return known;
	const format = make();
	// Far more than there are countries with zones; a bound all the same.
	if (made.size > 500) made.clear();
	made.set(key, format);
	return format;
}

/**
 * Says for whom is written from here on. A page is rendered, and a sheet drawn, in one go: whatever
 * begins one says this first, and nothing of another comes between.
 */
export function writeAs({ locale, timeZone }: Writing): void {
	now = { locale, timeZone };
}

/** A number with so many decimals, digits grouped as the reader's country does. */
export const written = (value: number, decimals = 0): string =>
	once(
		`${now.locale} ${decimals}`,
		() =>
			new Intl.NumberFormat(now.locale, {
				minimumFractionDigits: decimals,
				maximumFractionDigits: decimals,
				numberingSystem: 'latn'
			})
	).format(value === 0 ? 0 : value);

/** A day and the time on it, in the hall: `24 Nov 2026, 18:05`. */
export const writtenMoment = (at: Date): string =>
	once(
		`moment ${now.timeZone}`,
		() =>
			new Intl.DateTimeFormat('en-GB', {
				dateStyle: 'medium',
				timeStyle: 'short',
				timeZone: now.timeZone
			})
	).format(at);

/** The hall's day of a moment in full: `24 November 2026`. */
export const writtenDay = (at: Date): string =>
	once(
		`day ${now.timeZone}`,
		() => new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: now.timeZone })
	).format(at);

/** The hall's day of a moment, short: `24 Nov 2026`. */
export const writtenShortDay = (at: Date): string =>
	once(
		`short ${now.timeZone}`,
		() => new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeZone: now.timeZone })
	).format(at);
