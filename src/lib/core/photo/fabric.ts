import { spectrumAlong, type Spectrum } from './periods';

/** How a fabric repeats: what is looked for along and across its rows. */
export interface Make {
	/** Stitches, or warp ends, after which the look along a row repeats; and rows after which it does down the piece. */
	readonly repeat: { readonly ends: number; readonly rows: number };
	/** How wide a stitch or an end is, to how high a row is. */
	readonly ratio: { readonly from: number; readonly to: number };
	/** Pitches there are, mm. */
	readonly endMm: { readonly from: number; readonly to: number };
	readonly rowMm: { readonly from: number; readonly to: number };
	/** What the piece has beyond its whole ends and rows, as shares of one: half-stitches at the sides, chain edges. */
	readonly beyond: { readonly ends: number; readonly rows: number };
	/** Whether stripes of colour run along the rows and are taken off first; the texture must not run along them alone. */
	readonly isTakenOff: boolean;
}

/** Single crochet worked back and forth: one look of a stitch, two of a row. */
export const crochetMake: Make = {
	repeat: { ends: 1, rows: 2 },
	ratio: { from: 0.68, to: 1.75 },
	endMm: { from: 4, to: 24 },
	rowMm: { from: 4, to: 24 },
	beyond: { ends: 0.1, rows: 0.6 },
	isTakenOff: false
};

/** Weft-faced off a loom: a row shows a hump at every second end, the next row at the others. */
export const loomMake: Make = {
	repeat: { ends: 2, rows: 2 },
	ratio: { from: 1.4, to: 5 },
	endMm: { from: 10, to: 60 },
	rowMm: { from: 4, to: 24 },
	beyond: { ends: -0.17, rows: 0.2 },
	isTakenOff: true
};

/** A count told from a pitch, and whether it is sure. */
export interface Counted {
	readonly count: number;
	/** Before it was made whole. */
	readonly raw: number;
	readonly pitchMm: number;
	readonly isSure: boolean;
}

/** What was counted on a piece, and whether the rows run down its patch instead of across. */
export interface FabricSeen {
	readonly ends: Counted;
	readonly rows: Counted;
	readonly isTurned: boolean;
}

/** A texture laid straight: its own light evened, in rows. */
export interface Texture {
	readonly width: number;
	readonly height: number;
	/** mm to a pixel at the texture's own height. */
	readonly mm: number;
	readonly values: Float32Array;
}

/** Power at a frequency, by the two beside it. */
function powerAt({ perPixel, power }: Spectrum, frequency: number): number {
	const step = perPixel[0]!;
	const at = frequency / step - 1;
	const low = Math.floor(at);
	if (low < 0 || low + 1 >= power.length) return 0;
	return power[low]! * (1 - (at - low)) + power[low + 1]! * (at - low);
}

/** How strongly a repeat of so many pixels and its parts show, to all there is. */
const harmonics = [1, 2, 3, 4] as const;

function strength(spectrum: Spectrum, period: number): number {
	return harmonics.reduce(
		(sum, nth) => sum + Math.sqrt(powerAt(spectrum, nth / period)) / (nth === 1 ? 1 : 1.4),
		0
	);
}

/** The repeat that shows best within bounds, pixels; with how strong it is. */
function bestRepeat(
	spectrum: Spectrum,
	from: number,
	to: number
): { period: number; strength: number } | null {
	const amplitude = spectrum.power.map(Math.sqrt);
	const total = amplitude.reduce((sum, v) => sum + v, 0) / amplitude.length;
	if (!(total > 0)) return null;
	let best: { period: number; strength: number } | null = null;
	for (let period = from; period <= to; period *= 1.004) {
		// A repeat twice as long holds all parts of this one and more: it must show something of its own.
		const own = Math.sqrt(powerAt(spectrum, 1 / period));
		const second = Math.sqrt(powerAt(spectrum, 2 / period));
		const all = strength(spectrum, period);
		if (own < 0.22 * Math.max(own, second) || own < 1.2 * total) continue;
		// Longer ones gather more by chance.
		const value = all / total / (period / from) ** 0.12;
		if (!best || value > best.strength) best = { period, strength: value };
	}
	return best;
}

/** How far about a repeat its parts' tops are looked for, as a share of it, and how finely. */
const topReach = 0.04;
const topSteps = 40;

/**
 * A repeat by where its parts' powers have their tops, each counted by its strength and by how finely
 * it tells.
 *
 * @param powers at so many frequencies from the first to the second
 */
function exactRepeat(powers: (from: number, to: number) => Spectrum, period: number): number {
	let [sum, weight] = [0, 0];
	for (const nth of harmonics) {
		const around = nth / period;
		const reach = topReach * around;
		const { perPixel, power } = powers(around - reach, around + reach);
		let top = 0;
		for (let at = 1; at < power.length; at++) if (power[at]! > power[top]!) top = at;
		// A top at the rim is the foot of another one.
		if (top === 0 || top === power.length - 1) continue;
		const share = Math.sqrt(power[top]!) * nth;
		sum += share * (nth / perPixel[top]!);
		weight += share;
	}
	return weight > 0 ? sum / weight : period;
}

const powersOf =
	({ values, width, height }: Texture, axis: 'x' | 'y') =>
	(from: number, to: number): Spectrum =>
		spectrumAlong(axis, values, { width, height }, { from, most: to, steps: topSteps });

/** A texture with what is even along the rows taken off: stripes of colour go, humps by turns stay. */
function withoutStripes({ width, height, values, mm }: Texture): Texture {
	const out = new Float32Array(values);
	for (let y = 0; y < height; y++) {
		let sum = 0;
		for (let x = 0; x < width; x++) sum += out[y * width + x]!;
		for (let x = 0; x < width; x++) out[y * width + x]! -= sum / width;
	}
	for (let x = 0; x < width; x++) {
		let sum = 0;
		for (let y = 0; y < height; y++) sum += out[y * width + x]!;
		for (let y = 0; y < height; y++) out[y * width + x]! -= sum / height;
	}
	return { width, height, mm, values: out };
}

/** Part of a texture: from a share to a share of it, along one side. */
function part(
	{ width, height, values, mm }: Texture,
	axis: 'x' | 'y',
	from: number,
	to: number
): Texture {
	const [left, right] =
		axis === 'x' ? [Math.round(from * width), Math.round(to * width)] : [0, width];
	const [top, bottom] =
		axis === 'y' ? [Math.round(from * height), Math.round(to * height)] : [0, height];
	const out = new Float32Array((right - left) * (bottom - top));
	for (let y = top; y < bottom; y++)
		out.set(values.subarray(y * width + left, y * width + right), (y - top) * (right - left));
	return { width: right - left, height: bottom - top, mm, values: out };
}

/** Finest pitch that is looked for, mm. */
const finestMm = 2;

/** How finely frequencies are gone through. */
const steps = 300;

function spectraOf(texture: Texture) {
	const most = texture.mm / finestMm;
	return {
		x: spectrumAlong('x', texture.values, texture, { most, steps }),
		y: spectrumAlong('y', texture.values, texture, { most, steps })
	};
}

/** How far a count may lie from a whole one, and one by a half of the piece from it. */
const sureWithin = 0.3;
const halfWithin = 0.75;

function counted(
	texture: Texture,
	axis: 'x' | 'y',
	period: number,
	repeat: number,
	sizeMm: number,
	beyond: number
): Counted {
	const inTexture = (part: Texture) =>
		(exactRepeat(powersOf(part, axis), period) * texture.mm) / repeat;
	const pitch = inTexture(texture);
	const raw = sizeMm / pitch - beyond;
	const count = Math.max(1, Math.round(raw));
	const halves = [
		[0, 0.55],
		[0.45, 1]
	].map(([from, to]) => sizeMm / inTexture(part(texture, axis, from!, to!)) - beyond);
	const isSure =
		Math.abs(raw - count) <= sureWithin &&
		halves.every((half) => Math.abs(half - count) <= halfWithin);
	return { count, raw, pitchMm: pitch, isSure };
}

/**
 * Stitches or warp ends, and rows, of a piece, by how its look repeats along and across.
 *
 * @param texture of the piece's inside
 * @param size of the whole piece, mm: along the texture's x and down its y
 * @returns null where nothing repeats enough to be counted
 * @example fabricOf({ width: 80, height: 80, mm: 1, values: new Float32Array(6400) }, { x: 90, y: 90 }, crochetMake) // null
 */
export function fabricOf(
	texture: Texture,
	size: { readonly x: number; readonly y: number },
	make: Make
): FabricSeen | null {
	const own = make.isTakenOff ? withoutStripes(texture) : texture;
	const spectra = spectraOf(own);
	const pixels = (mm: number) => mm / texture.mm;
	const ways = ([false, true] as const).flatMap((isTurned) => {
		const [endAxis, rowAxis] = isTurned ? (['y', 'x'] as const) : (['x', 'y'] as const);
		const ends = bestRepeat(
			spectra[endAxis],
			pixels(make.endMm.from * make.repeat.ends),
			pixels(Math.min(make.endMm.to, size[endAxis] / 2) * make.repeat.ends)
		);
		const rows = bestRepeat(
			spectra[rowAxis],
			pixels(make.rowMm.from * make.repeat.rows),
			pixels(Math.min(make.rowMm.to, size[rowAxis] / 2) * make.repeat.rows)
		);
		if (!ends || !rows) return [];
		const ratio = ends.period / make.repeat.ends / (rows.period / make.repeat.rows);
		if (ratio < make.ratio.from || ratio > make.ratio.to) return [];
		const middle = Math.sqrt(make.ratio.from * make.ratio.to);
		const worth = Math.log(ends.strength * rows.strength) - 1.2 * Math.log(ratio / middle) ** 2;
		return [{ isTurned, endAxis, rowAxis, ends, rows, worth }];
	});
	const [best] = ways.sort((a, b) => b.worth - a.worth);
	if (!best) return null;
	return {
		isTurned: best.isTurned,
		ends: counted(
			own,
			best.endAxis,
			best.ends.period,
			make.repeat.ends,
			size[best.endAxis],
			make.beyond.ends
		),
		rows: counted(
			own,
			best.rowAxis,
			best.rows.period,
			make.repeat.rows,
			size[best.rowAxis],
			make.beyond.rows
		)
	};
}
