import type { MaybeRefOrGetter } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { useRead, type Read } from './useRead';

/** What goes with any method: builders, variations, ladders, work beside the pull. */
export const useLibrary = (enabled: MaybeRefOrGetter<boolean> = true): Read<Schemas['Library']> =>
    useRead(['library'], () => outcome(api.GET('/api/v1/library')), { enabled });

/** The caps as the gym has them. */
export const useCaps = (): Read<Schemas['Caps']> => useRead(['caps'], () => outcome(api.GET('/api/v1/caps')));
