// Made of house.json by `npm run words -- --make`: change the words there.

export const aGroupKeepsOneCoordinator = (): string => "A group needs a coordinator. Make someone else coordinator first.";
export const thatMemberIsNotIn = (): string => "That member is not in the group any more.";
export const chooseARole = (): string => "Choose a role.";
export const thisPageMadeItsLink = (): string => "This page already created its link. Reload it for another.";
export const thatCouldNotBeRead = (): string => "That could not be read. Reload the page.";
