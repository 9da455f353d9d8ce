import { toValue, type MaybeRefOrGetter } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { useRead, type Read } from '../composables/useRead';

/** What was done the last time on a set-up, before today. */
export const useLastTime = (
    athlete: MaybeRefOrGetter<string>,
    exercise: MaybeRefOrGetter<Schemas['Exercise']>,
): Read<Schemas['LastTime']> =>
    useRead(
        () => ['last-time', toValue(athlete), JSON.stringify(toValue(exercise))],
        () =>
            outcome(
                api.GET('/api/v1/athletes/{athlete}/last-time', {
                    params: { path: { athlete: toValue(athlete) }, query: { exercise: JSON.stringify(toValue(exercise)) } },
                }),
            ),
    );
