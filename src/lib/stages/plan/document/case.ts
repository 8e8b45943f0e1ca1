// Plan files speak snake_case, the code camelCase; one mechanical rule goes between them.

type CamelWord<S extends string> = S extends `${infer Head}_${infer Tail}`
	? `${Head}${Capitalize<CamelWord<Tail>>}`
	: S;

/** The same object with every key in camelCase. */
export type CamelKeys<T> = T extends readonly (infer Item)[]
	? readonly CamelKeys<Item>[]
	: T extends object
		? { readonly [K in keyof T as CamelWord<K & string>]: CamelKeys<T[K]> }
		: T;

const camelWord = (word: string) =>
	word.replace(/_([a-z])/g, (_, letter: string) => letter.toUpperCase());
const snakeWord = (word: string) => word.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

function mapKeys(value: unknown, rename: (key: string) => string): unknown {
	if (Array.isArray(value)) return value.map((item) => mapKeys(item, rename));
	if (typeof value !== 'object' || value === null) return value;
	return Object.fromEntries(
		Object.entries(value)
			.filter(([, held]) => held !== undefined)
			.map(([key, held]) => [rename(key), mapKeys(held, rename)])
	);
}

export const toCamelKeys = <T>(value: T): CamelKeys<T> => mapKeys(value, camelWord) as CamelKeys<T>;
/** The inverse; absent optional values are left out. The caller names the shape. */
export const toSnakeKeys = (value: object): unknown => mapKeys(value, snakeWord);
