import { expect, it } from 'vitest';
import { sceneSvg } from './scene-svg';

it('writes a drawing as a picture on white, with the patterns of the colours it has and no others', () => {
	const svg = sceneSvg({
		width: 40.2,
		height: 20,
		marks: [
			{ path: 'M0.123456 1L2 3', stroke: 'ink', width: 1.2345, dash: [4, 2], isRound: true },
			{ path: 'M0 0h9v9z', fill: 'film-blue' },
			{ path: 'M1 1h2', fill: 'film', stroke: 'film' },
			{ words: 'not <here>', x: 1, y: 1 }
		]
	});
	expect(svg).toContain('viewBox="0 0 41 20"');
	expect(svg).toContain('d="M0.1 1L2 3"');
	expect(svg).toContain('stroke-width="1.23"');
	expect(svg).toContain('stroke-dasharray="4 2"');
	expect(svg).toContain('fill="url(#film-blue)"');
	expect(svg.match(/<pattern /g)).toHaveLength(1);
	// The face of film is lighter than its edge.
	expect(svg).toContain('fill="#2350c9" fill-opacity="0.16" stroke="#a7b9e9"');
	expect(svg).not.toContain('here');
});
