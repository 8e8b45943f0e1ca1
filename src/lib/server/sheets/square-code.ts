import { create } from 'qrcode';
import type { Scene } from '$lib/core/drawing/scene';
import { rectangle } from '$lib/core/drawing/scene';

/**
 * An address as a square code that a telephone reads, its quiet edge with it.
 *
 * @param sizeMm of the whole square
 */
export function squareCode(address: string, sizeMm: number): Scene {
	const { modules } = create(address, { errorCorrectionLevel: 'M' });
	const quiet = 4;
	const cell = sizeMm / (modules.size + 2 * quiet);
	let path = '';
	for (let row = 0; row < modules.size; row++) {
		// Cells that touch in a row are one bar: no hair of white is left between them in print.
		for (let column = 0; column < modules.size; column++) {
			if (!modules.get(row, column)) continue;
			const from = column;
			while (column + 1 < modules.size && modules.get(row, column + 1)) column++;
			path += rectangle(
				(from + quiet) * cell,
				(row + quiet) * cell,
				(column - from + 1) * cell,
				cell * 1.02
			);
		}
	}
	return { width: sizeMm, height: sizeMm, marks: [{ path, fill: 'ink' }] };
}
