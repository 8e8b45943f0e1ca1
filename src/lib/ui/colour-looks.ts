import type { ColourName } from '$lib/core/colour/colours';

/** How a colour is shown: its film, the ink of its pattern, and the pattern that doubles it. */
export interface ColourLook {
	readonly film: string;
	readonly ink: string;
	/** Strokes in a square of 8 by 8; a path. */
	readonly pattern: string;
}

export const colourLooks: Readonly<Record<ColourName, ColourLook>> = {
	white: { film: '#f6f8f7', ink: '#c3cdca', pattern: 'M0 4h8' },
	clear: { film: '#dfe9e6', ink: '#a9bab5', pattern: 'M4 0v2M4 6v2' },
	grey: { film: '#b4c0bd', ink: '#8b9a96', pattern: 'M0 0l8 8' },
	black: { film: '#2b3635', ink: '#56635f', pattern: 'M0 8l8-8' },
	blue: { film: '#4a70dc', ink: '#2350c9', pattern: 'M0 2l4 4l4-4' },
	green: { film: '#3f9a6d', ink: '#1f7a4d', pattern: 'M2 0v8M6 0v8' },
	yellow: { film: '#f4c430', ink: '#c99700', pattern: 'M2 2h4v4h-4z' },
	orange: { film: '#dc9350', ink: '#b06a27', pattern: 'M0 4h8M4 0v8' },
	red: { film: '#c4453c', ink: '#8f1d16', pattern: 'M0 6l4-4l4 4' },
	pink: { film: '#dea0bf', ink: '#b76a92', pattern: 'M4 2v4M2 4h4' },
	brown: { film: '#9a7b58', ink: '#6d5233', pattern: 'M0 1h8M0 5h8' },
	mixed: { film: '#c8d3ea', ink: '#8da3d6', pattern: 'M0 0l8 8M0 8l8-8' }
};

const images = new Map<ColourName, string>();

/** A colour with its pattern as a CSS image: cheaper to lay out by the dozen than a drawing each. */
export function filmImage(colour: ColourName): string {
	let image = images.get(colour);
	if (!image) {
		const { film, ink, pattern } = colourLooks[colour];
		const tile = `<svg xmlns="http://www.w3.org/2000/svg" width="8" height="8"><rect width="8" height="8" fill="${film}"/><path d="${pattern}" fill="none" stroke="${ink}" stroke-width="1.4"/></svg>`;
		image = `url("data:image/svg+xml,${encodeURIComponent(tile)}")`;
		images.set(colour, image);
	}
	return image;
}
