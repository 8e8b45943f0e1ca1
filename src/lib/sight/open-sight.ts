// The one place that knows the library that sees pictures. It is loaded only where a picture is measured.
import type { Corners, Place } from '$lib/core/photo/board';
import type { Picture } from '$lib/core/photo/light';
import type { Mask, Sight } from '$lib/core/photo/sight';
import type Library from '@techstark/opencv-js';

/** What the library has and its own types do not say. */
interface Untold {
	aruco_DetectorParameters: new () => {
		perspectiveRemovePixelPerCell: number;
		cornerRefinementMethod: number;
		delete(): void;
	};
	aruco_RefineParameters: new (
		least: number,
		most: number,
		isAnyOrder: boolean
	) => { delete(): void };
	aruco_ArucoDetector: new (
		dictionary: unknown,
		parameters: unknown,
		refining: unknown
	) => {
		detectMarkers(
			grey: Library.Mat,
			corners: Library.MatVector,
			ids: Library.Mat,
			refused: Library.MatVector
		): void;
		delete(): void;
	};
	getPredefinedDictionary(name: number): { delete(): void };
	DICT_4X4_50: number;
	KMEANS_PP_CENTERS: number;
}

type Cv = typeof Library & Untold;

/** Gives back what the library took, whatever happens. */
function withKept<T>(work: (keep: <One extends { delete(): void }>(one: One) => One) => T): T {
	const kept: { delete(): void }[] = [];
	try {
		return work((one) => {
			kept.push(one);
			return one;
		});
	} finally {
		for (const one of kept.reverse()) one.delete();
	}
}

/** What is asked of the library, by the library itself. */
export function sightBy(cv: Cv): Sight {
	const greyOf = ({ width, height, data }: Picture) => {
		const colours = cv.matFromArray(height, width, cv.CV_8UC4, data as unknown as number[]);
		const grey = new cv.Mat();
		cv.cvtColor(colours, grey, cv.COLOR_RGBA2GRAY);
		colours.delete();
		return grey;
	};
	return {
		markers: (picture) =>
			withKept((keep) => {
				const asked = keep(new cv.aruco_DetectorParameters());
				// The default loses far markers.
				asked.perspectiveRemovePixelPerCell = 8;
				asked.cornerRefinementMethod = 1;
				const detector = keep(
					new cv.aruco_ArucoDetector(
						keep(cv.getPredefinedDictionary(cv.DICT_4X4_50)),
						asked,
						keep(new cv.aruco_RefineParameters(10, 3, true))
					)
				);
				const grey = keep(greyOf(picture));
				const corners = keep(new cv.MatVector());
				const ids = keep(new cv.Mat());
				const refused = keep(new cv.MatVector());
				detector.detectMarkers(grey, corners, ids, refused);
				return Array.from({ length: ids.rows }, (_, nth) => {
					const of = keep(corners.get(nth)).data32F;
					return {
						id: ids.data32S[nth] as number,
						corners: [0, 2, 4, 6].map((at) => [of[at], of[at + 1]]) as unknown as Corners
					};
				});
			}),
		outlines: ({ width, height, data }: Mask) =>
			withKept((keep) => {
				const mask = keep(cv.matFromArray(height, width, cv.CV_8UC1, data as unknown as number[]));
				const found = keep(new cv.MatVector());
				const inside = keep(new cv.Mat());
				cv.findContours(mask, found, inside, cv.RETR_EXTERNAL, cv.CHAIN_APPROX_NONE);
				return Array.from({ length: Number(found.size()) }, (_, nth) => {
					const of = keep(found.get(nth)).data32S;
					return Array.from({ length: of.length / 2 }, (_, at): Place => [
						of[2 * at]!,
						of[2 * at + 1]!
					]);
				});
			}),
		filled: (width, height, outline) =>
			withKept((keep) => {
				const mask = keep(cv.Mat.zeros(height, width, cv.CV_8UC1));
				const line = keep(cv.matFromArray(outline.length, 1, cv.CV_32SC2, outline.flat()));
				const lines = keep(new cv.MatVector());
				lines.push_back(line);
				cv.drawContours(mask, lines, 0, new cv.Scalar(1), -1);
				return { width, height, data: new Uint8Array(mask.data) };
			}),
		cleared: ({ width, height, data }, specks, holes) =>
			withKept((keep) => {
				const mask = keep(cv.matFromArray(height, width, cv.CV_8UC1, data as unknown as number[]));
				for (const [how, radius] of [
					[cv.MORPH_OPEN, specks],
					[cv.MORPH_CLOSE, holes]
				] as const) {
					if (radius < 1) continue;
					const side = 2 * Math.round(radius) + 1;
					const round = keep(cv.getStructuringElement(cv.MORPH_ELLIPSE, new cv.Size(side, side)));
					cv.morphologyEx(mask, mask, how, round);
				}
				return { width, height, data: new Uint8Array(mask.data) };
			}),
		groups: (points, count) =>
			withKept((keep) => {
				const many = points.length / 3;
				const from = keep(cv.matFromArray(many, 3, cv.CV_32F, points as unknown as number[]));
				const labels = keep(new cv.Mat());
				const middles = keep(new cv.Mat());
				cv.kmeans(
					from,
					count,
					labels,
					new cv.TermCriteria(cv.TermCriteria_EPS + cv.TermCriteria_MAX_ITER, 20, 0.5),
					2,
					cv.KMEANS_PP_CENTERS,
					middles
				);
				const of = new Array<number>(count).fill(0);
				for (const label of labels.data32S) of[label]! += 1;
				return of
					.map((held, nth) => ({
						middle: [...middles.data32F.slice(3 * nth, 3 * nth + 3)],
						share: held / many
					}))
					.sort((a, b) => b.share - a.share);
			}),
		evened: (values, width, height, spread) =>
			withKept((keep) => {
				const from = keep(cv.matFromArray(height, width, cv.CV_32F, values as unknown as number[]));
				const to = keep(new cv.Mat());
				cv.GaussianBlur(from, to, new cv.Size(0, 0), spread, spread, cv.BORDER_REPLICATE);
				return new Float32Array(to.data32F);
			})
	};
}

/** A library as it comes: its own `then` never ends, so it must not be awaited itself. */
export interface Coming {
	readonly default: object;
}

/**
 * The library, once it is ready; that takes about a second.
 *
 * @param load brings the package's module
 */
export async function openSight(load: () => Promise<Coming>): Promise<Sight> {
	const { default: library } = await load();
	if (!('Mat' in library))
		await new Promise<void>((done) => {
			(library as { onRuntimeInitialized?: () => void }).onRuntimeInitialized = done;
		});
	return sightBy(library as Cv);
}
