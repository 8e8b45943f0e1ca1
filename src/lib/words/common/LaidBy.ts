// Made of common.json by `npm run words -- --make`: change the words there.

export const noNetworkJustNowThis = (d: { readonly ago: string | number; readonly moment: string | number }): string => "No network. This page is from " + d.ago + ", at " + d.moment + ". What you type waits on this device.";
