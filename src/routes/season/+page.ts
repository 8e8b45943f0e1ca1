import { unpacked } from '$lib/stages/season/season-packed';
import type { PageLoad } from './$types';

/** What the season is drawn from, out of the text it came in. */
export const load: PageLoad = ({ data: { packed, ...data } }) => ({ ...data, ...unpacked(packed) });
