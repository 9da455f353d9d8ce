import { toValue, type MaybeRefOrGetter } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { useRead, type Read } from '../composables/useRead';

/** One athlete over a time; asked for where there is one. */
export const useSeason = (
    athlete: MaybeRefOrGetter<string>,
    range: MaybeRefOrGetter<Schemas['Trend']['range']>,
    enabled: MaybeRefOrGetter<boolean> = true,
): Read<Schemas['SeasonReport']> =>
    useRead(
        () => ['season-report', toValue(athlete), toValue(range)],
        () =>
            outcome(
                api.GET('/api/v1/athletes/{athlete}/report', {
                    params: { path: { athlete: toValue(athlete) }, query: { range: toValue(range) } },
                }),
            ),
        { previous: true, enabled },
    );
