// Made of know-how.json by `npm run words -- --make`: change the words there.

export const takeOneBagHereEmpty = (d: { readonly bagName: string | number }): string => "Take one bag, here " + d.bagName + ", empty it and hold it up to the light.";
export const aHoleOrATear = (): string => "A hole or a tear in its body makes weak yarn. Keep the bag for stuffing.";
export const aHoleCloseToThe = (): string => "A hole close to the seam or in a handle does no harm: that part comes off.";
export const crumpleACornerPlasticThat = (): string => "Crumple a corner. Plastic that cracks or crumbles goes to recycling.";
export const whatOnlySmellsIsRinsed = (): string => "What only smells is rinsed and hung. Lay the rest in piles: size, thickness, colour.";
export const lookIntoTheBagFrom = (d: { readonly bagName: string | number }): string => "Look into the bag from its open end: here " + d.bagName + ", as it comes.";
export const pushBothSideFoldsIn = (): string => "Push both side folds in, one hand a side, until they lie between the layers.";
export const layItDownWithIts = (): string => "Lay it down with its two edges straight: it has no side folds.";
export const pressItFlatEdgesOver = (): string => "Press it flat, edges over edges. It must be a true rectangle, or its strips differ.";
export const strokeTheAirOutFrom = (): string => "Stroke the air out, from the seam up to the open end.";
export const layBagsSeamOnSeam = (): string => "Lay bags seam on seam, twenty to a batch: batches are how bags are counted.";
export const seamsThisSide = (): string => "seams this side";
export const layersAtTheSides = (d: { readonly few: string | number; readonly many: string | number }): string => '' + d.few + " layers, " + d.many + " at the sides";
export const layTheTrimmedBagFlat = (d: { readonly bagName: string | number }): string => "Lay the trimmed bag flat, seam side towards you. Here it is " + d.bagName + ".";
export const foldItInHalfEdges = (d: { readonly layers: string | number }): string => "Fold it in half, edges over edges: " + d.layers + ".";
export const onceMoreInHalfCut = (d: { readonly layers: string | number }): string => "Once more in half: " + d.layers + ". Cut at the folds, and it gives four loops.";
export const foldedSoScissorsTakeOf = (d: { readonly min: string | number }): string => "Folded so, scissors take " + d.min + " of these bags at a time before the hand tires.";
export const foldedSoThisBagIs = (): string => "Folded so, this bag is too thick for scissors: fold it but once.";
export const beforeAnythingElseAtThe = (): string => "Before anything else, at the door or at the table.";
export const soThatItCutsInto = (): string => "So that it cuts into strips of one width.";
export const foldAndFoldAgainGives = (): string => "Fold and fold again gives two, four or eight loops.";
export const layers = (d: { readonly few: string | number }): string => '' + d.few + " layers";
