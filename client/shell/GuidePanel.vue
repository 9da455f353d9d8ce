<script setup lang="ts">
import { NInput } from 'naive-ui';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import SidePanel from '../parts/SidePanel.vue';
import TabRow from '../parts/TabRow.vue';
import { keysOf, pages, words } from './guide';

const open = defineModel<boolean>('open', { required: true });

const route = useRoute();
const path = computed(() => route.matched[0]?.path ?? '');
const here = computed(() => pages[path.value] ?? []);
const tab = ref<'here' | 'words' | 'keys'>('here');
const asked = ref('');
const found = computed(() => {
    const sought = asked.value.trim().toLowerCase();
    return words.filter(([word, means]) => word.includes(sought) || means.toLowerCase().includes(sought));
});
</script>

<template>
    <SidePanel v-model:open="open" title="Guide">
        <div class="stack">
            <TabRow
                v-model="tab"
                label="Guide"
                :tabs="[
                    { value: 'here', label: 'This page' },
                    { value: 'words', label: 'Words' },
                    { value: 'keys', label: 'Keys' },
                ]"
            />
            <template v-if="tab === 'here'">
                <p v-for="line in here" :key="line">{{ line }}</p>
                <p class="small dim">
                    Steady Rung is no medical advice. Pain, numbness and dizziness go to a licensed clinician:
                    <RouterLink to="/cautions">Cautions</RouterLink>
                </p>
            </template>
            <template v-else-if="tab === 'words'">
                <NInput v-model:value="asked" placeholder="Find a word" clearable :input-props="{ 'aria-label': 'Find a word' }" />
                <dl>
                    <div v-for="[word, means] in found" :key="word">
                        <dt>{{ word }}</dt>
                        <dd>{{ means }}</dd>
                    </div>
                </dl>
                <p v-if="found.length === 0" class="dim">No such word here.</p>
            </template>
            <dl v-else class="keys">
                <div v-for="[key, what] in keysOf(path)" :key="key">
                    <dt>
                        <kbd>{{ key }}</kbd>
                    </dt>
                    <dd>{{ what }}</dd>
                </div>
            </dl>
        </div>
    </SidePanel>
</template>

<style scoped>
dl {
    margin: 0;
}

dl div {
    display: grid;
    grid-template-columns: 120px minmax(0, 1fr);
    padding: 7px 0;
    border-top: 1px solid var(--color-line);
}

dt {
    font-weight: 650;
}

dd {
    margin: 0;
}

kbd {
    padding: 2px 8px;
    border: 1px solid var(--color-edge);
    border-radius: var(--radius-small);
    font: 600 var(--type-base) var(--type-text);
}
</style>
