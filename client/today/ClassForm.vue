<script setup lang="ts">
import { NButton, NInput, NSelect } from 'naive-ui';
import { v7 as uuidv7 } from 'uuid';
import { reactive, ref, shallowRef } from 'vue';
import { faultText } from '../domain/fields';
import { api, mapResult, outcome, type Schemas } from '../domain/http';
import { limits } from '../domain/limits.gen';
import type { Problem } from '../domain/problems';
import ChipRow from '../parts/ChipRow.vue';
import DateField from '../parts/DateField.vue';
import FormField from '../parts/FormField.vue';
import ProblemNote from '../parts/ProblemNote.vue';
import SavedElsewhere from '../parts/SavedElsewhere.vue';
import { useElsewhere } from '../composables/useElsewhere';
import { useCommandQueue } from '../composables/useCommandQueue';

type Input = Schemas['ClassInput'];

const props = defineProps<{
    of?: Schemas['Class'] | undefined;
    tags: readonly string[];
    today: string;
    /** A new one is held once, and begins at this hour: 18:35. */
    now?: string | undefined;
}>();
/** Of one that was made here the list follows by itself. */
const emit = defineEmits<{ saved: [list: Schemas['ClassList'] | undefined]; cancel: [] }>();

const queue = useCommandQueue();

const id = props.of?.id ?? uuidv7();
const typedOf = (of?: Input) => ({
    name: of?.name ?? (props.now ? `Class at ${props.now}` : ''),
    on: of?.first_on ?? props.today,
    at: of?.at ?? props.now ?? '18:30',
    minutes: String(of?.minutes ?? 75),
    weekly: of?.weekly ?? props.now === undefined,
    last: of?.weekly ? (of.last_on ?? '') : '',
    tags: [...(of?.tags ?? [])],
});
const inputOf = (typed: ReturnType<typeof typedOf>): Input => ({
    id,
    name: typed.name.trim(),
    first_on: typed.on,
    at: typed.at,
    minutes: Number(typed.minutes),
    weekly: typed.weekly,
    ...(typed.weekly && typed.last && { last_on: typed.last }),
    tags: typed.tags,
});
const draft = reactive(typedOf(props.of));
const began = props.of && inputOf(typedOf(props.of));
const elsewhere = useElsewhere<Input>({
    began: () => began,
    stored: async () =>
        mapResult(await outcome(api.GET('/api/v1/classes')), ({ items }) => {
            const now = items.find((one) => one.id === id);
            return now && inputOf(typedOf(now));
        }),
});
const labels: Record<string, string> = {
    name: 'Name',
    first_on: 'First day',
    at: 'Begins at',
    minutes: 'Minutes',
    weekly: 'Every week',
    last_on: 'Last day',
    tags: 'Tags',
};

function words(path: string, value: unknown): string {
    const said =
        value === undefined
            ? 'none'
            : typeof value === 'boolean'
              ? value
                  ? 'yes'
                  : 'no'
              : Array.isArray(value)
                ? value.join(', ')
                : String(value);
    return `${labels[path]}: ${said}`;
}

const takeTheirs = (): void => void Object.assign(draft, typedOf(elsewhere.take()));
const errors = ref<Record<string, string | undefined>>({});
const problem = shallowRef<Problem>();
const busy = ref(false);
const often = [
    { value: 'weekly', label: 'Every week' },
    { value: 'once', label: 'Once' },
];

function isWhole(): boolean {
    const minutes = Number(draft.minutes);
    const { low, high } = limits.ClassInput.minutes;
    const { most, longest } = limits.ClassInput.tags;
    errors.value = {
        name: draft.name.trim() ? undefined : 'Needed: a name.',
        first_on: draft.on ? undefined : 'Needed: the day of the first.',
        at: /^([01]\d|2[0-3]):[0-5]\d$/.test(draft.at) ? undefined : 'Hours and minutes, like 18:30.',
        minutes: Number.isInteger(minutes) && minutes >= low && minutes <= high ? undefined : `From ${low} to ${high} min.`,
        tags:
            draft.tags.length > most || draft.tags.some((t) => t.length > longest)
                ? `At most ${most} tags of ${longest} letters.`
                : undefined,
        last_on: draft.weekly && draft.last && draft.last < draft.on ? 'The last day is before the first.' : undefined,
    };
    return Object.values(errors.value).every((e) => e === undefined);
}

async function save(agreed = false): Promise<void> {
    if (!isWhole()) {
        return;
    }
    const mine = inputOf(draft);
    if (props.of === undefined) {
        if (await queue.tellGym({ class: mine })) {
            emit('saved', undefined);
        }
        return;
    }
    busy.value = true;
    const result = await elsewhere.save(
        mine,
        (body) => outcome(api.PUT('/api/v1/classes/{class}', { params: { path: { class: id } }, body })),
        agreed,
    );
    busy.value = false;
    if (result === undefined) {
        return;
    }
    problem.value = result.ok || result.problem.faults.length > 0 ? undefined : result.problem;
    if (result.ok) {
        emit('saved', result.value);
    } else {
        errors.value = Object.fromEntries(
            ['name', 'first_on', 'at', 'minutes', 'last_on', 'tags'].map((key) => [key, faultText(result.problem.faults, `/${key}`)]),
        );
    }
}
</script>

<template>
    <form class="card stack" novalidate :aria-label="of ? `Change ${of.name}` : 'Make a class'" @submit.prevent="save()">
        <FormField v-slot="{ inputProps, status }" label="Name" :error="errors['name']">
            <NInput
                v-model:value="draft.name"
                placeholder="Tuesday evening"
                :input-props="{ ...inputProps, maxlength: 80 }"
                :status="status"
            />
        </FormField>
        <div class="row fields">
            <DateField v-model="draft.on" :label="draft.weekly ? 'First day' : 'Day'" :error="errors['first_on']" />
            <FormField v-slot="{ inputProps, status }" label="Begins at" :error="errors['at']">
                <NInput
                    v-model:value="draft.at"
                    placeholder="18:30"
                    :input-props="{ ...inputProps, inputmode: 'numeric', maxlength: 5 }"
                    :status="status"
                />
            </FormField>
            <FormField v-slot="{ inputProps, status }" label="Lasts, min" :error="errors['minutes']">
                <NInput
                    v-model:value="draft.minutes"
                    :input-props="{ ...inputProps, inputmode: 'numeric', maxlength: 3 }"
                    :status="status"
                />
            </FormField>
        </div>
        <ChipRow
            label="How often"
            show-label
            :chips="often"
            :value="draft.weekly ? 'weekly' : 'once'"
            @pick="draft.weekly = $event === 'weekly'"
        />
        <DateField v-if="draft.weekly" v-model="draft.last" label="Last day, if it ends" :error="errors['last_on']" />
        <FormField label="Who comes: everybody with one of these tags" :error="errors['tags']">
            <NSelect
                v-model:value="draft.tags"
                multiple
                tag
                filterable
                :options="tags.map((t) => ({ value: t, label: t }))"
                placeholder="Tags of the roster"
                aria-label="Tags"
            />
        </FormField>
        <ProblemNote v-if="problem" typed :problem="problem" />
        <SavedElsewhere :found="elsewhere.found.value" :words="words" @both="save(true)" @theirs="takeTheirs" />
        <div class="row">
            <NButton type="primary" attr-type="submit" :loading="busy">{{ of ? 'Save' : 'Make it' }}</NButton>
            <NButton @click="emit('cancel')">Cancel</NButton>
        </div>
    </form>
</template>

<style scoped>
.fields {
    align-items: start;
}
</style>
