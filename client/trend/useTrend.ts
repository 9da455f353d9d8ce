import { toValue, type MaybeRefOrGetter } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';
import { useRead, type Read } from '../composables/useRead';

type Trend = Schemas['Trend'];

/** An athlete's way so far and what is foretold; without a pattern, of the movement they are trained in. */
export const useTrend = (
    id: MaybeRefOrGetter<string>,
    range: MaybeRefOrGetter<Trend['range']> = 'season',
    pattern: MaybeRefOrGetter<Trend['pattern'] | undefined> = undefined,
): Read<Trend> =>
    useRead(
        () => ['trend', toValue(id), toValue(range), toValue(pattern)],
        () => {
            const of = toValue(pattern);
            const query = { range: toValue(range), ...(of === undefined ? {} : { pattern: of }) };
            return outcome(api.GET('/api/v1/athletes/{athlete}/trend', { params: { path: { athlete: toValue(id) }, query } }));
        },
        { previous: true },
    );
