// Made of house.json by `npm run words -- --make`: change the words there.

export const thePlanCouldNotBe = (): string => "The plan could not be read. Reload the page.";
export const noLinkWasMadeThat = (): string => "No link was created: the plan is gone, or this page already created its link. Open the plans and try again.";
export const whatTheLinkShouldOpen = (): string => "Choose what the link is for.";
export const noLinkWasMadeThis = (): string => "No link was created: this page already created it, or that day is gone.";
export const theEntryCouldNotBe = (): string => "The entry could not be read. Reload the page.";
export const thatLinkOpensNothingAny = (): string => "That link does not work any more.";
