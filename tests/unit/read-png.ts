import { inflateSync } from 'node:zlib';

/** The dots of a PNG of eight bits and four channels: red, green, blue and how opaque. */
export function readPng(png: Uint8Array) {
	const bytes = Buffer.from(png);
	const data: Buffer[] = [];
	let [width, height] = [0, 0];
	for (let at = 8; at < bytes.length;) {
		const length = bytes.readUInt32BE(at);
		const kind = bytes.toString('latin1', at + 4, at + 8);
		const body = bytes.subarray(at + 8, at + 8 + length);
		if (kind === 'IHDR') [width, height] = [body.readUInt32BE(0), body.readUInt32BE(4)];
		if (kind === 'IDAT') data.push(body);
		at += 12 + length;
	}
	const lines = inflateSync(Buffer.concat(data));
	const wide = width * 4;
	const dots = new Uint8ClampedArray(wide * height);
	const dot = (x: number, y: number) => (x < 0 || y < 0 ? 0 : (dots[y * wide + x] ?? 0));
	for (let y = 0; y < height; y++) {
		const filter = lines[y * (wide + 1)];
		for (let x = 0; x < wide; x++) {
			const [left, up, corner] = [dot(x - 4, y), dot(x, y - 1), x < 4 ? 0 : dot(x - 4, y - 1)];
			const guess = left + up - corner;
			const near = [left, up, corner].map((one) => Math.abs(guess - one)) as [
				number,
				number,
				number
			];
			const paeth =
				near[0] <= near[1] && near[0] <= near[2] ? left : near[1] <= near[2] ? up : corner;
			const add = [0, left, up, (left + up) >> 1, paeth][filter ?? 0] ?? 0;
			dots[y * wide + x] = ((lines[y * (wide + 1) + 1 + x] ?? 0) + add) & 255;
		}
	}
	return { width, height, data: dots };
}
