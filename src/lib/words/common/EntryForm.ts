// Made of common.json by `npm run words -- --make`: change the words there.

export const edit = (): string => "Edit";
export const whyOptional = (): string => "Why (optional)";
export const save = (): string => "Save";
export const cancel = (): string => "Cancel";
