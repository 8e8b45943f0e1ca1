import { roleWords as say } from '$lib/words/house';
/** What each may, as it is said to those it is for. */
export const roleWords = {
	coordinator: say.canDoEverythingSettingsPeople(),
	helper: say.canRecordGatheringPreparingMaking(),
	reader: say.canReadExceptWhatVolunteers()
} as const;
