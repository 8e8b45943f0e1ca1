// Made of prepare.json by `npm run words -- --make`: change the words there.

export const workingFor = (): string => "Working for";
export const noPlanIsKeptYet = (): string => "No plan is saved yet, so nothing says how wide to cut.";
export const saveAPlanFirst = (): string => "Save a plan first";
export const cutAndJoinedFor = (): string => "Cut and joined for";
export const wanted = (d: { readonly matsWanted: string | number }): string => ": " + d.matsWanted + " wanted";
export const cutAs = (): string => "Cut as";
export const useThisPlan = (): string => "Use this plan";
export const spoiledTodayOfAHundred = (): string => "Spoiled today (% of cut pieces)";
export const aNumberFrom0To = (): string => "A number from 0 to 90.";
export const asItWasSaidToday = (): string => "Same as said today.";
export const usedAllDay = (): string => "Used all day.";
export const bladesAreForTrainedAdults = (): string => "Blades are for trained adults: cut away from the body, close the blade when you put it down. Children and unsteady hands use blunt scissors or another seat. Bag scraps at once, away from small children. Wear gloves or wash your hands. Take a break every 45 minutes.";
export const stripsFromAPhoto = (): string => "Measure strips from a photo";
