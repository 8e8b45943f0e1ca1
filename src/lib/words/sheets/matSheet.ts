// Made of sheets.json by `npm run words -- --make`: change the words there.

export const theSameMovementOverAnd = (): string => "The same movement again and again: rest five minutes in every 45. Pain means stop.";
export const filmCanSuffocateKeepBalls = (): string => "Plastic can suffocate: keep balls and ends away from babies and small children. It burns and drips: nothing hot near it.";
export const theMatRowByRow = (d: { readonly code: string | number }): string => "The mat " + d.code + ", row by row";
export const version = (d: { readonly planVersion: string | number }): string => "version " + d.planVersion;
export const theMat = (): string => "the mat";
export const ofRowsMade = (d: { readonly total: string | number }): string => "of " + d.total + " rows made";
export const rowsMade = (): string => "rows made";
export const stitchesARow = (): string => "stitches a row";
export const aboutReady = (): string => "about ready";
export const readyAtThisPace = (d: { readonly between: string | number }): string => "Ready " + d.between + " at this pace.";
export const tickEachFinishedRowTell = (): string => "Tick each finished row. Tell the table the mat and the last row, like “to row 88”.";
export const coloursToCome = (): string => "Colours to come";
export const fromRow = (): string => "From row";
export const toRow = (): string => "To row";
export const rowsFromTheNearEnd = (): string => "Rows from the near end";
export const rowsFromTheFarEnd = (): string => "Rows from the far end";
export const rowsFitBetweenTheEnds = (d: { readonly left: string | number }): string => '' + d.left + " rows fit between the ends, for both weavers together.";
export const rowsOf = (d: { readonly part: string | number; readonly at: string | number }): string => "Rows of " + d.part + " " + d.at;
export const colour = (): string => "Colour";
export const rows = (): string => "Rows";
export const ends = (d: { readonly code: string | number }): string => '' + d.code + " ends";
