/** The most movements that one entry has, so that both make one number. */
const partsOfEntry = 1_048_576;

/** In a statement that reads a movement as `m`: its place in the book, and whether it comes after the place `$2`. */
export const movementPlace = `(m.entry_id * ${partsOfEntry} + m.part)`;
export const isAfterPlace = `(m.entry_id, m.part) > ($2::bigint / ${partsOfEntry}, ($2::bigint % ${partsOfEntry})::integer)`;
