// Made of making.json by `npm run words -- --make`: change the words there.

export const rows = (): string => "Rows";
export const ofRowsOfNextIts = (d: { readonly total: string | number; readonly part: string | number; readonly part2: string | number; readonly parts: string | number; readonly row: string | number; readonly each: string | number }): string => "of " + d.total + " rows · " + d.part + " " + d.part2 + " of " + d.parts + ", next its row " + d.row + " of " + d.each;
export const ofRows = (d: { readonly total: string | number }): string => "of " + d.total + " rows";
export const rowDone = (): string => "Row done";
export const allRowsOfThePlan = (): string => "All rows of the plan are made.";
export const nextToRow = (d: { readonly colour: string | number; readonly last: string | number }): string => "Next: " + d.colour + ", to row " + d.last + ".";
export const atEveryReturnItLinks = (d: { readonly part: string | number }): string => "At every turn, link it into the edge of band " + d.part + ".";
export const theFirstBandClipIts = (): string => "The first band: clip its end. Make it as long as the sleeper.";
export const atItsEndTheStrands = (): string => "At the end, braid the strands and turn: six crossings.";
export const thisRowPassesUnderEach = (): string => "This row passes under the loop of each nail.";
export const stitchesARow = (d: { readonly count: string | number }): string => '' + d.count + " stitches a row.";
export const theBallEndsInRow = (d: { readonly code: string | number; readonly row: string | number }): string => "The ball " + d.code + " ends in row " + d.row + ".";
export const theNextPassBegins = (d: { readonly nextPass: string | number }): string => "The next pass starts " + d.nextPass + ".";
export const readyAbout = (d: { readonly day: string | number; readonly between: string | number }): string => "Ready about " + d.day + " (" + d.between + ").";
export const oneBack = (): string => "One back";
export const toRow = (): string => "To row";
export const saveRows = (): string => "Save rows";
export const noRowIsMadeHere = (): string => "No row is made here yet.";
export const row = (d: { readonly made: string | number }): string => "row " + d.made;
export const oneBackToRow = (d: { readonly made: string | number }): string => "one back, to row " + d.made;
export const typeANumberOfRows = (): string => "Type a number of rows, like 88.";
export const itsPlanHasRowsIs = (d: { readonly total: string | number; readonly typed: string | number }): string => "Its plan has " + d.total + " rows; " + d.typed + " is too many.";
export const toRow2 = (d: { readonly typed: string | number }): string => "to row " + d.typed;
export const theFirstPassOfThe = (d: { readonly end: string | number; readonly pass: string | number }): string => "the first pass of the " + d.end + " end went " + d.pass;
export const tapTheRowReached = (): string => "Tap the row that is reached";
