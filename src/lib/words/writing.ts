/** How numbers and moments are written for whoever reads. */
interface Writing {
	readonly locale: string;
	readonly timeZone: string;
}

const usual: Writing = { locale: 'en-GB', timeZone: 'UTC' };
/** For whom is written. */
export interface Writer {
	now: Writing;
}

const own: Writer = { now: usual };
let writer: () => Writer = () => own;

/** Writes for whoever is found from here on: where many are written for at once, each by their own. */
export function writeFor(find: () => Writer | undefined): void {
	writer = () => find() ?? own;
}

/** A writer that was told nothing yet. */
export const newWriter = (): Writer => ({ now: usual });

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

/** Says for whom is written from here on: on a device for all, on the server for the request at hand. */
export function writeAs({ locale, timeZone }: Writing): void {
	writer().now = { locale, timeZone };
}

/** A number with so many decimals, digits grouped as the reader's country does. */
export function written(value: number, decimals = 0): string {
	const { locale } = writer().now;
	const make = () =>
		new Intl.NumberFormat(locale, {
			minimumFractionDigits: decimals,
			maximumFractionDigits: decimals,
			numberingSystem: 'latn'
		});
	return once(`${locale} ${decimals}`, make).format(value === 0 ? 0 : value);
}

/** Writes moments by the hall's clock. */
const inHall =
	(style: Intl.DateTimeFormatOptions) =>
	(at: Date): string => {
		const { timeZone } = writer().now;
		const make = () => new Intl.DateTimeFormat('en-GB', { ...style, timeZone });
		return once(`${JSON.stringify(style)} ${timeZone}`, make).format(at);
	};

/** A day and the time on it, in the hall: `24 Nov 2026, 18:05`. */
export const writtenMoment = inHall({ dateStyle: 'medium', timeStyle: 'short' });
/** The hall's day of a moment in full: `24 November 2026`. */
export const writtenDay = inHall({ dateStyle: 'long' });
/** The hall's day of a moment, short: `24 Nov 2026`. */
export const writtenShortDay = inHall({ dateStyle: 'medium' });
