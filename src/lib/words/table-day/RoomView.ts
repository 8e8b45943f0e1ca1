// Made of table-day.json by `npm run words -- --make`: change the words there.

export const child = (): string => "child";
export const awayFromTheTable = (): string => "away from the table";
export const sitsHere = (): string => "sits here";
export const piecesABag = (d: { readonly piecesPerBag: string | number }): string => '' + d.piecesPerBag + " pieces a bag";
export const bagsEach = (d: { readonly bagsPerBall: string | number }): string => '' + d.bagsPerBall + " bags each";
export const loomsHooksPillows = (): string => "looms, hooks, pillows";
export const noSeat = (): string => "no seat";
export const atThisMinute = (): string => "at this minute";
export const scissorsLieClosedWhenPut = (): string => "Close scissors when you put them down. A child has blunt ones and an adult beside them.";
export const waitsForFilm = (): string => "waits for bags";
export const hasNoRoom = (): string => "has no room";
export const doneForNow = (): string => "done for now";
export const isTakenUpChooseWhere = (d: { readonly nameOf: string | number }): string => '' + d.nameOf + " is taken up. Choose where they sit.";
