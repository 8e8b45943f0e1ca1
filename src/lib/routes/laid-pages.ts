import { routes } from './table.mjs';

/** The pages that are laid by after a first visit, before each was opened: where the work at the table is. */
export const pagesToLayBy: readonly string[] = Object.entries(routes)
	.filter(([, { laid }]) => laid === 'at once')
	.map(([address]) => address);

/** The addresses of what is laid by, as it is opened at the latest; what stands in brackets is any one word. */
const laid = new RegExp(
	`^(${Object.entries(routes)
		.filter(([, route]) => route.laid !== undefined)
		.map(([address]) => (address === '/' ? '/?' : address.replace(/\[[^\]]+\]/g, '[^/]+')))
		.join('|')})(/__data\\.json)?$`
);

/** Files are as they are when they are asked for. */
const file = /\.(pdf|csv|ics|png|svg|zip)$/;

/** Whether a page, or what it asks for, is laid by on the device. */
export const isLaidBy = (pathname: string): boolean => laid.test(pathname) && !file.test(pathname);

/** Under which address a page lies there: what the application asks of it beside is asked for anew each time. */
export const laidAt = ({ pathname, search }: URL): string =>
	pathname +
	search
		.replace(/([?&])x-sveltekit-[^&]*/g, '$1')
		.replace(/[?&]+$/, '')
		.replace('?&', '?');
