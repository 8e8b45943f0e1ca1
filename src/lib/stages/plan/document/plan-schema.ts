import { z } from 'zod';
import { planDocument } from './document';

/** The JSON Schema of a plan file, the name it is kept under with it. */
export const planSchema = () => ({
	title: 'A plan of Nest Row, version 1 or 2',
	...z.toJSONSchema(planDocument.extend({ name: z.string().max(120).optional() }))
});
