// Made of common.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const woundABall = (): string => "wound a ball";
export const isasSelectYesOtherOf = (d: { readonly isAs: 'yes' | 'no'; readonly bags: string | number; readonly colour: string | number }): string => '' + select(d.isAs, { yes: "a chain", other: "a ball" }) + " of " + d.bags + " " + d.colour + " bags";
