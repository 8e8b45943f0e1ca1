import { createContext } from 'svelte';
import type { EntryQueue } from './outbox.svelte';

/** The device's queue, for the pages below the one that began it. */
export const [getQueue, setQueue] = createContext<EntryQueue>();
