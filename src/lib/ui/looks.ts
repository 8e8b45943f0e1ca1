import { looks as say } from '$lib/words/common';
/** How the pages look: as the device asks, or one of the themes by choice. */
export const looks = [
	{ look: 'device', label: say.asThisDeviceHasIt() },
	{ look: 'film', label: say.light() },
	{ look: 'dusk', label: say.dark() },
	{ look: 'contrast', label: say.highContrast() }
] as const;
export type Look = (typeof looks)[number]['look'];

/** The look a cookie names; the device's own where it names none. */
export const lookOf = (text: string | undefined): Look =>
	looks.find(({ look }) => look === text)?.look ?? 'device';
