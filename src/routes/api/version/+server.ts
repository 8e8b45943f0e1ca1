import { planVersion } from '$lib/stages/plan/document/document';
import { json, type RequestHandler } from '@sveltejs/kit';

/** Which version of the plan file this application writes; the barest answer it gives. */
export const GET: RequestHandler = () => json({ name: 'nest-row', planFile: planVersion });
