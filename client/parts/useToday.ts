import { computed, type ComputedRef } from 'vue';
import { useSession } from './useSession';

/** The calendar day where the gym is, as 2026-01-31. */
export function useToday(): ComputedRef<string> {
    const session = useSession();
    return computed(() => new Intl.DateTimeFormat('en-CA', { timeZone: session.me?.timezone }).format(new Date()));
}
