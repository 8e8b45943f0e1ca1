// Made of gather.json by `npm run words -- --make`: change the words there.
import { select } from '@messageformat/runtime';

export const someOfWhatItPut = (): string => "Some of it has already left the store. Undo that movement first.";
export const someOfWhatItPut2 = (d: { readonly all: string | number; readonly isLength: 'yes' | 'no' }): string => "Some of it has already left the store: " + d.all + ". Undo " + select(d.isLength, { yes: "those", other: "that" }) + " first, newest first.";
