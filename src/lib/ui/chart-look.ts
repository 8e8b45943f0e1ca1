import { Chart } from 'chart.js';

/** Colours and type of the page, as they are now: a chart reads them once and is drawn again when they change. */
export function chartLook() {
	const style = getComputedStyle(document.documentElement);
	const of = (name: string) => style.getPropertyValue(name).trim();
	Chart.defaults.font.family = "'Atkinson Hyperlegible Next Variable', sans-serif";
	Chart.defaults.font.size = 14;
	Chart.defaults.color = of('--color-base-content');
	Chart.defaults.animation = false;
	return {
		ink: of('--color-base-content'),
		grid: of('--color-base-300'),
		blue: of('--color-primary'),
		leaf: of('--color-secondary'),
		butter: '#a67c00',
		sheet: of('--color-base-100')
	};
}

/** Calls back when the page's colours may have changed. Returns how to stop. */
function onLookChange(redraw: () => void): () => void {
	const queries = ['(prefers-color-scheme: dark)', '(prefers-contrast: more)'].map((query) =>
		matchMedia(query)
	);
	for (const query of queries) query.addEventListener('change', redraw);
	return () => {
		for (const query of queries) query.removeEventListener('change', redraw);
	};
}

/** Draws a chart, and draws it anew when the page's colours change. Returns how to end it. */
export function keepDrawn(draw: () => Chart): () => void {
	let chart = draw();
	const stop = onLookChange(() => {
		chart.destroy();
		chart = draw();
	});
	return () => {
		stop();
		chart.destroy();
	};
}
