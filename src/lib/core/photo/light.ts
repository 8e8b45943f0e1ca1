/** A picture as it is decoded: four bytes a pixel, red, green, blue, opacity, in rows from the top left. */
export interface Picture {
	readonly width: number;
	readonly height: number;
	readonly data: Uint8Array | Uint8ClampedArray;
}

/** Amounts of light (0 to 1, in proportion to the light itself) in rows from the top left; a colour each. */
export interface Light {
	readonly width: number;
	readonly height: number;
	readonly red: Float32Array;
	readonly green: Float32Array;
	readonly blue: Float32Array;
}

const lightOfByte = Float32Array.from({ length: 256 }, (_, byte) => {
	const share = byte / 255;
	return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
});

/**
 * A picture's light: edges that are blurred lie where it is halfway, which is not so in sRGB, where
 * white spreads into black.
 *
 * @example lightOfPicture({ width: 1, height: 1, data: new Uint8Array([255, 0, 0, 255]) }).red[0] // 1
 */
export function lightOfPicture({ width, height, data }: Picture): Light {
	const count = width * height;
	const red = new Float32Array(count);
	const green = new Float32Array(count);
	const blue = new Float32Array(count);
	for (let at = 0, byte = 0; at < count; at++, byte += 4) {
		red[at] = lightOfByte[data[byte] as number] as number;
		green[at] = lightOfByte[data[byte + 1] as number] as number;
		blue[at] = lightOfByte[data[byte + 2] as number] as number;
	}
	return { width, height, red, green, blue };
}

/**
 * How bright light of three colours is, 0 to 1.
 *
 * @example brightness(1, 1, 1) // 1
 */
export const brightness = (red: number, green: number, blue: number): number =>
	0.2126 * red + 0.7152 * green + 0.0722 * blue;

/**
 * A value between pixels, by the four around it; outside, that of the nearest pixel.
 *
 * @example between(new Float32Array([0, 1, 0, 1]), 2, 2, 0.25, 0.5) // 0.25
 */
export function between(
	values: Float32Array,
	width: number,
	height: number,
	x: number,
	y: number
): number {
	const left = Math.min(width - 1, Math.max(0, x));
	const top = Math.min(height - 1, Math.max(0, y));
	const column = Math.min(width - 2, Math.floor(left));
	const row = Math.min(height - 2, Math.floor(top));
	const right = left - column;
	const down = top - row;
	const at = row * width + column;
	return (
		((values[at] as number) * (1 - right) + (values[at + 1] as number) * right) * (1 - down) +
		((values[at + width] as number) * (1 - right) + (values[at + width + 1] as number) * right) *
			down
	);
}
