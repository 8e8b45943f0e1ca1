/**
 * Whether a page belongs to a stage of the bar: the stage's own, a part of it, or one of its things. *Today* is no
 * other's; plans are all of *Plan*.
 */
export const isUnder = (pathname: string, stage: string): boolean =>
	stage === '/' ? pathname === '/' : pathname.startsWith(`/${stage.split('/')[1] ?? ''}`);
