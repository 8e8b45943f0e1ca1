// Made of measures.json by `npm run words -- --make`: change the words there.

export const aSwatchBelongsToA = (): string => "A swatch needs a crocheted plan. Choose one.";
export const wovenRowsBelongToA = (): string => "Woven rows need a plan for a loom, a frame or bands. Choose one.";
export const aMatOfThatSize = (): string => "This plan cannot make a mat of that size. Check the measures.";
export const thisComesToTimesWhat = (d: { readonly odd: string | number }): string => "This is " + d.odd + " times what was expected. No bag or yarn can do that. Measure again and check the units.";
export const perhapsADecimalPointSlipped = (): string => "Perhaps a decimal point slipped: it is ten times what is known.";
export const perhapsADecimalPointSlipped2 = (): string => "Perhaps a decimal point slipped: it is a tenth of what is known.";
export const wasItMeasuredInInches = (): string => "Was it measured in inches and typed in centimetres?";
export const wasItMeasuredInCentimetres = (): string => "Was it measured in centimetres and typed in inches?";
export const pleaseCheckIt = (): string => "Please check it.";
export const thisComesToTimesWhat2 = (d: { readonly ratio: string | number; readonly part: string | number }): string => "This is " + d.ratio + " times what was expected. " + d.part;
