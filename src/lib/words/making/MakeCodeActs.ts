// Made of making.json by `npm run words -- --make`: change the words there.

export const noMatInHandHas = (): string => "No mat being made has that label.";
export const thisCouldNotBeRead = (): string => "This could not be read. Try again.";
export const noLinkWasMadeThis = (): string => "No link was created: this page already created its link. See the links below.";
export const thatLinkOpensNothingAny = (): string => "That link does not work any more.";
