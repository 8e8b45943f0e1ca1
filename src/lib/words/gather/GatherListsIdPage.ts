// Made of gather.json by `npm run words -- --make`: change the words there.

export const allRowsWereSavedOn = (d: { readonly rowCount: string | number; readonly moment: string | number }): string => "All " + d.rowCount + " rows were saved on " + d.moment + ".";
export const lookAtThem = (): string => "Look at them";
export const takenBackOnNoneOf = (d: { readonly moment: string | number }): string => "Undone on " + d.moment + ": none of it counts any more.";
export const whyTheWholeListIs = (): string => "Why undo the whole list";
export const whoOptional = (): string => "Who (optional)";
export const undoTheList = (): string => "Undo the list";
export const rowsSayWhatEachColumn = (d: { readonly rowCount: string | number }): string => '' + d.rowCount + " rows. Say what each column is. The first rows are shown below.";
export const theVerySameRowsWere = (d: { readonly moment: string | number }): string => "The same rows were saved on " + d.moment + ".";
export const savedAgainTheyCountTwice = (): string => "Saved again, they count twice.";
export const column = (d: { readonly at: string | number }): string => "column " + d.at;
export const leftOut = (): string => "left out";
export const useTheseColumns = (): string => "Use these columns";
export const everyRowIsGood = (): string => "Every row is good";
export const someAnswersAreNeededFirst = (): string => "Some answers are needed first";
export const nothingIsKeptUntilThese = (): string => "Nothing is saved until these are corrected";
export const keepTheOtherRows = (d: { readonly goodCount: string | number }): string => "Save the other " + d.goodCount + " rows";
export const keepAllRows = (d: { readonly rowCount: string | number }): string => "Save all " + d.rowCount + " rows";
export const discardTheList = (): string => "Discard the list";
export const rowsSaved = (): string => "Rows saved";
export const checkingEveryRowAgain = (): string => "Checking every row again…";
export const ofRowsWritten = (d: { readonly done: string | number; readonly all: string | number }): string => '' + d.done + " of " + d.all + " rows saved.";
export const theConnectionBrokeKeepIt = (): string => "The connection broke. Save again: rows already saved count once.";
