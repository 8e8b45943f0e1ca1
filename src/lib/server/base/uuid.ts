import { uuidPattern } from '$lib/ui/uuid';
import { z } from 'zod';

/** An id in what was sent. */
export const uuidShape = z.string().regex(uuidPattern);
