import { useIntervalFn } from '@vueuse/core';
import { computed, ref, type ComputedRef } from 'vue';
import { serverTime } from '../domain/clock';
import { hourIn } from '../domain/units';
import { useSession } from './useSession';

const MINUTE_MS = 60_000;

/** The calendar day of a moment where the gym is, as 2026-01-31. */
export function useDayOf(): (moment: Date | string) => string {
    const session = useSession();
    return (moment) => new Intl.DateTimeFormat('en-CA', { timeZone: session.me?.timezone }).format(new Date(moment));
}

/** The hour of a moment where the gym is, as 18:30. */
export function useHourOf(): (moment: Date | string | number) => string {
    const session = useSession();
    return (moment) => hourIn(session.me?.timezone, moment);
}

/** The calendar day where the gym is. */
export function useToday(): ComputedRef<string> {
    const dayOf = useDayOf();
    const now = ref(serverTime.now());
    useIntervalFn(() => (now.value = serverTime.now()), MINUTE_MS);
    return computed(() => dayOf(now.value));
}
