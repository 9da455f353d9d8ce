import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import { api, outcome, type Schemas } from '../domain/http';

type Caution = Schemas['Caution'];

/** The cautions, loaded once. */
export const useCautions = defineStore('cautions', () => {
    const items = shallowRef<Caution[]>([]);
    let asked = false;

    async function load(): Promise<void> {
        if (asked) {
            return;
        }
        asked = true;
        const result = await outcome(api.GET('/api/v1/cautions'));
        if (result.ok) {
            items.value = result.value.items;
        } else {
            asked = false;
        }
    }

    return { items, load };
});
