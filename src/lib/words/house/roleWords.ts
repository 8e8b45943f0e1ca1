// Made of house.json by `npm run words -- --make`: change the words there.

export const allOfTheGroupIts = (): string => "can do everything: settings, people and links too";
export const typingWhateverIsGatheredPrepared = (): string => "can record gathering, preparing, making and checking";
export const readingWithoutWhatPeopleNeed = (): string => "can read, except what volunteers need";
