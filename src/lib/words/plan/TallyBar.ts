// Made of plan.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const tally = (): string => "Tally";
export const howItIsWorkedOut = (): string => "How it is worked out";
export const theSame = (): string => "the same";
export const comparedWithTheOtherPlan = (): string => "Compared with the other plan:";
export const bagsToCollectHoursMat = (d: { readonly value: string | number; readonly value2: string | number; readonly value3: string | number; readonly isSystem: 'yes' | 'no'; readonly grade: string | number }): string => '' + d.value + " bags to ask for, " + d.value2 + " hours, mat " + d.value3 + " " + select(d.isSystem, { yes: "pounds", other: "kilograms" }) + ", fingertip test " + d.grade;
export const checkTheMarkedFieldFirst = (): string => "Check the marked field first.";
export const close = (): string => "Close";
export const fair = (): string => "Fair";
export const gaps = (): string => "Gaps";
export const bagsToAskFor = (): string => "bags";
