import type { ParamMatcher } from '@sveltejs/kit';
import { isUuid } from '$lib/ui/uuid';

export const match: ParamMatcher = isUuid;
