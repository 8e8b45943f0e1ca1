/** The pages that are laid by after a first visit, before each was opened: where the work at the table is. */
export const pagesToLayBy = [
	'/gather',
	'/gather/sort',
	'/gather/store',
	'/gather/asks',
	'/gather/kinds',
	'/gather/lists',
	'/prepare',
	'/prepare/balls',
	'/prepare/days',
	'/prepare/tools',
	'/make',
	'/make/outbox',
	'/check',
	'/know-how'
] as const;

const stages = ['gather', 'prepare', 'make', 'check', 'know-how'];
/** Files are as they are when they are asked for. */
const file = /\.(pdf|csv|ics|png|zip)$/;

/** Whether a page, or what it asks for, is laid by on the device. */
export const isLaidBy = (pathname: string): boolean =>
	stages.includes(pathname.split('/')[1] ?? '') && !file.test(pathname);

/** Under which address a page lies there: what the application asks of it beside is asked for anew each time. */
export const laidAt = ({ pathname, search }: URL): string =>
	pathname +
	search
		.replace(/([?&])x-sveltekit-[^&]*/g, '$1')
		.replace(/[?&]+$/, '')
		.replace('?&', '?');
