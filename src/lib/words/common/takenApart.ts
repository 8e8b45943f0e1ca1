// Made of common.json by `npm run words -- --make`: change the words there.

export const tookAMatApart = (): string => "took a mat apart";
export const takenApart = (d: { readonly mat: string | number }): string => '' + d.mat + " taken apart";
export const keptAMatToTeach = (): string => "kept a mat to teach with";
export const whetherTeaches = (d: { readonly mat: string | number }): string => "whether " + d.mat + " teaches";
