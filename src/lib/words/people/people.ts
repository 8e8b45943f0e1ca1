// Made of people.json by `npm run words -- --make`: change the words there.

export const thereIsAAlreadyAdd = (d: { readonly name: string | number }): string => "There is already a " + d.name + ". Add a letter or a nickname to tell them apart.";
export const thatPersonIsNotIn = (): string => "That person is not in the list any more.";
export const somebodyChangedThisPersonMeanwhile = (): string => "Someone changed this person at the same time. Their version is below. Enter yours again.";
export const isAChildBluntScissors = (d: { readonly name: string | number }): string => '' + d.name + " is a child: blunt scissors only, never sharp ones or a blade. Remove that seat first, on every day.";
export const someoneAlreadyHasThatName = (): string => "Someone already has that name. Give one of them a nickname.";
export const hasASeatOnA = (d: { readonly name: string | number }): string => '' + d.name + " has a seat on a coming table day where a child would be left without an adult. Give the child another adult first.";
