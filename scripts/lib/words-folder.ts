/** Where the catalogues stand, and what is made of them. */
export const wordsFolder = 'src/lib/words';
