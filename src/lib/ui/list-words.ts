const list = new Intl.ListFormat('en-GB', { type: 'conjunction' });

/** Things in a row, as they are said: `blue`, `blue and white`, `blue, white and grey`. */
export const listWords = (words: readonly string[]): string => list.format(words);
