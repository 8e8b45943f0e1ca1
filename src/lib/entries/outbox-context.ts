import { createContext } from 'svelte';
import type { Outbox } from './outbox.svelte';

/** The device's outbox, for the pages below the one that began it. */
export const [getOutbox, setOutbox] = createContext<Outbox>();
