/** What an account may be in a group, the one who may least first. */
export const roles = ['reader', 'helper', 'coordinator'] as const;
export type Role = (typeof roles)[number];

/** Whether one may what another may. */
export const mayAs = (role: Role, needed: Role): boolean =>
	roles.indexOf(role) >= roles.indexOf(needed);
