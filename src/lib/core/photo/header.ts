/** Pictures that are taken. */
export type PictureKind = 'jpeg' | 'png' | 'webp';

/** Why a file is not taken, told from its first bytes. */
export type FileProblem = 'not-a-picture' | 'heic' | 'too-large' | 'too-many-pixels';

/** What a picture's first bytes say. */
export interface PictureHeader {
	readonly kind: PictureKind;
	readonly width: number;
	readonly height: number;
}

/** A file may have so many bytes, and a picture so many pixels. */
export const mostBytes = 20 * 1024 * 1024;
export const mostPixels = 50_000_000;

/** As many first bytes of a file tell what it is; a JPEG may carry its notes and a small picture before its size. */
export const headerBytes = 512 * 1024;

const text = (bytes: Uint8Array, from: number, length: number): string =>
	String.fromCharCode(...bytes.subarray(from, from + length));

function jpegSize(view: DataView): { width: number; height: number } | null {
	let at = 2;
	while (at + 9 < view.byteLength) {
		if (view.getUint8(at) !== 0xff) return null;
		const marker = view.getUint8(at + 1);
		if (marker === 0xff) {
			at++;
			continue;
		}
		const isFrame = marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker);
		if (isFrame) return { height: view.getUint16(at + 5), width: view.getUint16(at + 7) };
		const hasLength = !(marker >= 0xd0 && marker <= 0xd9) && marker !== 0x01;
		if (marker === 0xda || marker === 0xd9) return null;
		at += 2 + (hasLength ? view.getUint16(at + 2) : 0);
	}
	return null;
}

function webpSize(view: DataView, kind: string): { width: number; height: number } | null {
	if (view.byteLength < 30) return null;
	const three = (at: number) =>
		view.getUint8(at) | (view.getUint8(at + 1) << 8) | (view.getUint8(at + 2) << 16);
	if (kind === 'VP8X') return { width: three(24) + 1, height: three(27) + 1 };
	if (kind === 'VP8 ')
		return { width: view.getUint16(26, true) & 0x3fff, height: view.getUint16(28, true) & 0x3fff };
	if (kind !== 'VP8L') return null;
	const bits = view.getUint32(21, true);
	return { width: (bits & 0x3fff) + 1, height: ((bits >>> 14) & 0x3fff) + 1 };
}

/** What the first bytes of a file say it is; nothing is decoded. */
function headerOf(bytes: Uint8Array): PictureHeader | 'heic' | null {
	const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
	if (bytes.length > 24 && text(bytes, 1, 3) === 'PNG' && text(bytes, 12, 4) === 'IHDR')
		return { kind: 'png', width: view.getUint32(16), height: view.getUint32(20) };
	if (bytes.length > 16 && text(bytes, 0, 4) === 'RIFF' && text(bytes, 8, 4) === 'WEBP') {
		const size = webpSize(view, text(bytes, 12, 4));
		return size && { kind: 'webp', ...size };
	}
	if (bytes.length > 12 && text(bytes, 4, 4) === 'ftyp')
		return /^(hei|hev|mif|msf|avi)/.test(text(bytes, 8, 4)) ? 'heic' : null;
	if (bytes.length > 12 && bytes[0] === 0xff && bytes[1] === 0xd8) {
		const size = jpegSize(view);
		return size && { kind: 'jpeg', ...size };
	}
	return null;
}

/**
 * Whether a file may be decoded, from its first bytes alone: a picture of a kind that is taken, and
 * within the bounds.
 *
 * @param bytes the file's first bytes, `headerBytes` of them or all
 * @param size of the whole file, bytes
 * @example fileProblem(new Uint8Array([1, 2, 3]), 3) // 'not-a-picture'
 */
export function fileProblem(bytes: Uint8Array, size: number): FileProblem | null {
	const header = headerOf(bytes);
	if (header === 'heic') return 'heic';
	if (header === null || header.width < 1 || header.height < 1) return 'not-a-picture';
	if (size > mostBytes) return 'too-large';
	return header.width * header.height > mostPixels ? 'too-many-pixels' : null;
}

/** How large a picture is made before it is measured: more pixels tell nothing more. */
export const longSide = 2400;
