import type { Place } from './board';
import { lightAt } from './ground';
import { brightness, type Light } from './light';
import { turnedBack, type Box } from './outline';
import type { Plane } from './plane';

/** A piece of the plane laid straight, as brightness in rows; `mm` to a pixel. */
export interface Patch {
	readonly width: number;
	readonly height: number;
	readonly mm: number;
	/** Light, 0 to 1. */
	readonly values: Float32Array;
	/** Its colours' light, each as the values. */
	readonly colours: readonly [Float32Array, Float32Array, Float32Array];
}

/**
 * What a box of the plane shows, laid straight.
 *
 * @example patchOf(exampleLight(99, 99, 0.5), flatPlane, { turn: 0, left: 0, right: 20, top: 0, bottom: 10 }, 2).width // 10
 */
export function patchOf(light: Light, plane: Plane, box: Box, mm: number): Patch {
	const width = Math.max(2, Math.round((box.right - box.left) / mm));
	const height = Math.max(2, Math.round((box.bottom - box.top) / mm));
	const values = new Float32Array(width * height);
	const colours = [0, 1, 2].map(() => new Float32Array(width * height)) as unknown as [
		Float32Array,
		Float32Array,
		Float32Array
	];
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			const there: Place = turnedBack(box.turn, [
				box.left + (x + 0.5) * mm,
				box.top + (y + 0.5) * mm
			]);
			const seen = lightAt(light, plane.toPicture(there));
			const at = y * width + x;
			seen.forEach((v, colour) => (colours[colour]![at] = v));
			values[at] = brightness(...seen);
		}
	return { width, height, mm, values, colours };
}
