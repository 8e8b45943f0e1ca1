// Made of hand-over.json by `npm run words -- --make`: change the words there.

export const oneMat = (): string => "one mat";
export const wantedBy = (d: { readonly groupName: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.mats + " wanted by " + d.place;
export const to = (d: { readonly groupName: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.mats + " to " + d.place;
export const to2 = (d: { readonly groupName: string | number; readonly gathering: string | number; readonly mats: string | number; readonly place: string | number }): string => '' + d.groupName + ": " + d.gathering + " (" + d.mats + " to " + d.place + ")";
