// Made of making.json by `npm run words -- --make`: change the words there.

export const whatYouCanDo = (d: { readonly lacksSoon: string | number }): string => '' + d.lacksSoon + ": what you can do";
export const chooseTheBall = (): string => "Choose the ball";
export const carryOn = (): string => "Carry on";
export const moreOf = (d: { readonly count: string | number; readonly colour: string | number }): string => '' + d.count + " more of " + d.colour;
export const send = (d: { readonly balls: string | number }): string => "Send " + d.balls;
export const mirrorItFromRow = (d: { readonly row: string | number }): string => "Mirror it from row " + d.row;
export const spreadWhatIsLeftNarrower = (): string => "Spread what is left: narrower stripes";
export const changeTheOrderOfThe = (): string => "Change the order of the colours";
export const howGoesOn = (d: { readonly code: string | number }): string => "how " + d.code + " goes on";
export const saved = (): string => "Saved.";
