/** Whether the weft of row `i` passes over strand `j`: over where `i + j` is even. Both counted from one at the same corner. */
export const isOver = (row: number, strand: number): boolean => (row + strand) % 2 === 0;
