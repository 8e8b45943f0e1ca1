// Made of plan.json by `npm run words -- --make`: change the words there.

export const print = (): string => "Print";
export const forTheWallAndThe = (d: { readonly basis: string | number }): string => "For the wall and the table. Every sheet has the plan's name, version and date, where its figures come from (" + d.basis + ") and the cautions.";
export const paper = (): string => "Paper";
export const letter = (): string => "Letter";
export const largeType = (): string => "large type";
export const pdf = (): string => "PDF";
export const guideAsSvg = (): string => "Guide as SVG";
export const printAt100NotFitted = (): string => "Print at 100 %, not fitted to the page. Check the 100 mm line with a ruler before the first cut.";
export const measuringSheet = (): string => "Measuring sheet";
export const measuresFromPhotos = (): string => "Four pages. Lay them beside a bag, a swatch or a mat and measure from a photo.";
