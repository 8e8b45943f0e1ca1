// Made of plan.json by `npm run words -- --make`: change the words there.

export const typedOnTheDrawing = (d: { readonly label: string | number }): string => '' + d.label + ", typed on the drawing";
export const dragOrPressToType = (d: { readonly label: string | number }): string => '' + d.label + ": drag, or press to type";
