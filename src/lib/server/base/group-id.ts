/** Which group a row or a request belongs to. */
export type GroupId = string & { readonly brand: 'group' };

/** The one group of a local start; its row comes with the first migration. */
export const localGroupId = '00000000-0000-4000-8000-000000000001' as GroupId;

/** No group has it: whoever comes without one comes for this, and finds nothing. */
export const nobodysGroupId = '00000000-0000-4000-8000-000000000000' as GroupId;
