/** When the page that is shown was laid by on this device, ms; null where it came just now. Only a browser sets it. */
export const laidBy = $state<{ at: number | null }>({ at: null });
