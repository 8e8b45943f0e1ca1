/**
 * Whether the weft of row `i` passes over strand `j`: over where `i + j` is even. Both counted from one at the same corner.
 *
 * @example [isOver(1, 1), isOver(1, 2), isOver(2, 1)] // [true, false, false]
 */
export const isOver = (row: number, strand: number): boolean => (row + strand) % 2 === 0;
