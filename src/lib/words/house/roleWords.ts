// Made of house.json by `npm run words -- --make`: change the words there.

export const canDoEverythingSettingsPeople = (): string => "can do everything: settings, people and links too";
export const canRecordGatheringPreparingMaking = (): string => "can record gathering, preparing, making and checking";
export const canReadExceptWhatVolunteers = (): string => "can read, except what volunteers need";
