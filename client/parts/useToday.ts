import { computed, type ComputedRef } from 'vue';
import { useSession } from './useSession';

/** The calendar day of a moment where the gym is, as 2026-01-31. */
export function useDayOf(): (moment: Date | string) => string {
    const session = useSession();
    return (moment) => new Intl.DateTimeFormat('en-CA', { timeZone: session.me?.timezone }).format(new Date(moment));
}

/** The calendar day where the gym is. */
export function useToday(): ComputedRef<string> {
    const dayOf = useDayOf();
    return computed(() => dayOf(new Date()));
}
