// Measures a picture on this device, off the page's own thread; the library that sees is loaded here alone.
import { fileProblem, headerBytes, longSide, type FileProblem } from '$lib/core/photo/header';
import { measure, type Step } from '$lib/core/photo/measure';
import type { Answer, Subject } from '$lib/core/photo/measured';
import type { Picture } from '$lib/core/photo/light';
import { libraryAt } from './library-at';
import { openSight } from './open-sight';

/** What the worker is told: to make ready, or to measure a picture. */
export type ToWorker =
	| { readonly tell: 'ready' }
	| {
			readonly tell: 'measure';
			readonly nth: number;
			readonly file: Blob;
			readonly of: Subject;
			readonly scale: number;
	  };

/** What the worker says. */
export type FromWorker =
	| { readonly tell: 'ready' }
	| { readonly tell: 'step'; readonly nth: number; readonly step: Step }
	| {
			readonly tell: 'said';
			readonly nth: number;
			readonly answer: Answer;
			readonly width: number;
			readonly height: number;
	  }
	| { readonly tell: 'refused'; readonly nth: number; readonly problem: FileProblem }
	/** This device cannot do it. */
	| { readonly tell: 'unable'; readonly nth: number };

const say = (message: FromWorker) => self.postMessage(message);
let sight: ReturnType<typeof openSight> | null = null;
/** The library as a script of the worker's own: it leaves its name with all that is known here. */
const fetched = async () => {
	(self as unknown as { importScripts: (at: string) => void }).importScripts(libraryAt);
	return { default: (self as unknown as { cv: object }).cv };
};
const ready = () => (sight ??= openSight(fetched));

/** A picture decoded by the browser: upright, of the size that is measured, nothing but its pixels. */
async function pixelsOf(file: Blob): Promise<Picture> {
	const whole = await createImageBitmap(file, { imageOrientation: 'from-image' });
	const by = Math.min(1, longSide / Math.max(whole.width, whole.height));
	const [width, height] = [Math.round(whole.width * by), Math.round(whole.height * by)];
	const at = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
	if (!at) throw new Error('no canvas');
	at.imageSmoothingQuality = 'high';
	at.drawImage(whole, 0, 0, width, height);
	whole.close();
	const { data } = at.getImageData(0, 0, width, height);
	return { width, height, data };
}

async function measured({ nth, file, of, scale }: ToWorker & { tell: 'measure' }): Promise<void> {
	const head = new Uint8Array(await file.slice(0, headerBytes).arrayBuffer());
	const problem = fileProblem(head, file.size);
	if (problem) return say({ tell: 'refused', nth, problem });
	if (typeof OffscreenCanvas === 'undefined') return say({ tell: 'unable', nth });
	let picture: Picture;
	try {
		picture = await pixelsOf(file);
	} catch {
		return say({ tell: 'refused', nth, problem: 'not-a-picture' });
	}
	try {
		const answer = measure(picture, of, await ready(), {
			scale,
			onStep: (step) => say({ tell: 'step', nth, step })
		});
		say({ tell: 'said', nth, answer, width: picture.width, height: picture.height });
	} catch {
		sight = null;
		say({ tell: 'unable', nth });
	}
}

self.onmessage = ({ data }: MessageEvent<ToWorker>) => {
	if (data.tell === 'measure') void measured(data);
	else
		ready().then(
			() => say({ tell: 'ready' }),
			// It is asked for again as a picture comes.
			() => (sight = null)
		);
};
