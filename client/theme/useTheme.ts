import { useLocalStorage, usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, watchEffect } from 'vue';
import { tokens } from './tokens';

export type Wanted = 'light' | 'dark' | 'device';

const isWanted = (text: string): text is Wanted => text === 'light' || text === 'dark' || text === 'device';

/** Light or dark, as the coach likes it on this device, else as the device has it. Paper is always light. */
export const useTheme = defineStore('theme', () => {
    const isNight = usePreferredDark();
    const wanted = useLocalStorage<Wanted>('steady-rung.theme', 'device', {
        serializer: { read: (text) => (isWanted(text) ? text : 'device'), write: (word) => word },
    });
    const isDark = computed(() => (wanted.value === 'device' ? isNight.value : wanted.value === 'dark'));

    watchEffect(() => {
        document.documentElement.dataset['theme'] = isDark.value ? 'dark' : 'light';
    });

    const toggle = (): void => void (wanted.value = isDark.value ? 'light' : 'dark');

    return { wanted, isDark, colors: computed(() => (isDark.value ? tokens.dark : tokens.color)), toggle };
});
