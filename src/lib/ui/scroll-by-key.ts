import type { Attachment } from 'svelte/attachments';

/** Gives a frame a place in the order of tabs while it has more to show than room, so that keys can scroll it. */
export const scrollByKey: Attachment<HTMLElement> = (frame) => {
	const look = () => {
		if (frame.scrollWidth > frame.clientWidth) frame.tabIndex = 0;
		else frame.removeAttribute('tabindex');
	};
	const observer = new ResizeObserver(look);
	observer.observe(frame);
	for (const child of frame.children) observer.observe(child);
	return () => observer.disconnect();
};
