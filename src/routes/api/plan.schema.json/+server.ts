import { planSchema } from '$lib/stages/plan/document/plan-schema';
import { json, type RequestHandler } from '@sveltejs/kit';

/** JSON Schema of a plan file, made from the shape that reads it. */
export const GET: RequestHandler = () =>
	json(planSchema(), { headers: { 'content-type': 'application/schema+json' } });
