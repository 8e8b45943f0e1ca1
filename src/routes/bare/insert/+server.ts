import { bareInsert } from '$lib/server/web/bare-page';

export const POST = bareInsert;
