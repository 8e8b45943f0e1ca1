import { routes } from './table.mjs';

/** The pages that are laid by after a first visit, before each was opened: where the work at the table is. */
export const pagesToLayBy: readonly string[] = Object.entries(routes)
	.filter(([, { laid }]) => laid === 'at once')
	.map(([address]) => address);

/** The first words of what is laid by, as it is opened at the latest. */
const laidParts: ReadonlySet<string> = new Set(
	pagesToLayBy.map((page) => page.split('/')[1] ?? '')
);

/** Files are as they are when they are asked for. */
const file = /\.(pdf|csv|ics|png|zip)$/;

/** Whether a page, or what it asks for, is laid by on the device. */
export const isLaidBy = (pathname: string): boolean =>
	laidParts.has(pathname.split('/')[1] ?? '') && !file.test(pathname);

/** Under which address a page lies there: what the application asks of it beside is asked for anew each time. */
export const laidAt = ({ pathname, search }: URL): string =>
	pathname +
	search
		.replace(/([?&])x-sveltekit-[^&]*/g, '$1')
		.replace(/[?&]+$/, '')
		.replace('?&', '?');
