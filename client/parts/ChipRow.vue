<script setup lang="ts" generic="T extends string | number | null">
const props = defineProps<{
    label: string;
    showLabel?: boolean;
    chips: readonly { value: T; label: string; reason?: string }[];
    value: T | readonly T[] | null;
    /** What stands where nobody answered: it is not shown as an answer. */
    unanswered?: T;
    /** What most have: picked, it is quiet. */
    usual?: T | undefined;
}>();

/** One chip is picked, or several are. */
const isPicked = (chip: T): boolean => (Array.isArray(props.value) ? (props.value as readonly T[]).includes(chip) : chip === props.value);
const emit = defineEmits<{ pick: [value: T] }>();
</script>

<template>
    <div class="chips" :class="{ reasoned: chips.some((c) => c.reason) }" role="group" :aria-label="label">
        <span v-if="showLabel" class="label small" aria-hidden="true">{{ label }}</span>
        <template v-for="chip in chips" :key="String(chip.value)">
            <button
                type="button"
                :class="{ open: unanswered !== undefined && chip.value === unanswered, usual: usual !== undefined && chip.value === usual }"
                :aria-pressed="isPicked(chip.value)"
                @click="emit('pick', chip.value)"
            >
                {{ chip.label }}
            </button>
            <span v-if="chip.reason" class="small dim">{{ chip.reason }}</span>
        </template>
    </div>
</template>

<style scoped>
.chips {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 6px;
}

.label {
    min-width: 76px;
    color: var(--color-dust);
}

button {
    min-width: var(--target);
    height: var(--target);
    padding: 0 10px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    background: var(--color-card);
    color: inherit;
    font: 600 var(--type-base) / 1 var(--type-text);
    cursor: pointer;
}

button[aria-pressed='true'] {
    background: var(--color-graphite);
    border-color: var(--color-graphite);
    color: var(--color-paper);
}

button.open[aria-pressed='true'] {
    border: 1.5px dashed var(--color-edge);
    background: var(--color-card);
    color: var(--color-slate);
}

button.usual[aria-pressed='true'] {
    border: 2px solid var(--color-graphite);
    background: var(--color-card);
    color: var(--color-graphite);
}

/* One under the other, with what speaks for each beside it. */
.reasoned {
    display: grid;
    grid-template-columns: minmax(0, 2fr) minmax(0, 3fr);
    gap: 4px var(--space-base);
}

.reasoned button {
    height: auto;
    min-height: var(--dense);
    padding: 4px 10px;
    line-height: 1.25;
    text-align: left;
}

@media screen and (max-width: 720px) {
    .reasoned {
        grid-template-columns: minmax(0, 1fr);
    }

    .reasoned span {
        margin-bottom: 6px;
    }

    .label {
        min-width: 100%;
    }
}
</style>
