// Made of common.json by `npm run words -- --make`: change the words there.

export const title = (): string => "No network";
export const theseWork = (): string => "These pages work without network. What you type waits on this device.";
export const openItOnce = (): string => "Open Nest Row once with network. Then its pages stay on this device.";
