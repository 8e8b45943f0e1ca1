// Made of people.json by `npm run words -- --make`: change the words there.

export const name = (): string => "Name";
export const likes = (): string => "Likes";
export const seatsTheyMayTake = (): string => "Seats they can take";
export const tapASeatUsualPractised = (): string => "Tap a seat: usual, practised, new to it, or doesn't do this. It is for planning only. No marks, no ranking.";
export const doesntDoThis = (): string => "doesn't do this";
export const change = (d: { readonly seatWords: string | number; readonly level: string | number }): string => '' + d.seatWords + ": " + d.level + ". Change";
export const notForChildren = (): string => "not for children";
export const thingsToAllowFor = (): string => "Things to allow for";
export const aChildAnAdultBeside = (): string => "a child: an adult beside them, blunt scissors only";
export const onlyForSeatingItStands = (): string => "Only for planning seats. It is on no wall, tablet or paper.";
export const canComeOn = (): string => "Can come on";
export const likesToSitWith = (): string => "Likes to sit with";
export const save = (): string => "Save";
export const close = (): string => "Close";
export const howToReachThem = (): string => "How to reach them";
export const onlyCoordinatorsSeeThis = (): string => "Only coordinators see this.";
export const comesAlways = (): string => "can come every time the table meets";
export const aTeenager = (): string => "a teenager: blunt scissors";
export const aTeenagerSharp = (): string => "a teenager: sharp scissors only with an adult beside them";
export const age = (): string => "Age";
export const adult = (): string => "an adult";
export const notForTeenagers = (): string => "not for teenagers";
export const laterDays = (): string => "Later days";
