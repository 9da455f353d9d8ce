import { useLocalStorage, usePreferredDark } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, watchEffect } from 'vue';
import { tokens } from './tokens';

/** Dark on the floor, as the coach likes it or as the device has it; light everywhere else. */
export const useFloorTheme = defineStore('floor-theme', () => {
    const isNight = usePreferredDark();
    const wanted = useLocalStorage<'dark' | 'light' | null>('steady-rung.floor', null, {
        serializer: { read: (t) => (t === 'dark' || t === 'light' ? t : null), write: (v) => v ?? '' },
    });
    const isOnFloor = ref(false);
    const isDark = computed(() => isOnFloor.value && (wanted.value ?? (isNight.value ? 'dark' : 'light')) === 'dark');

    watchEffect(() => {
        document.documentElement.dataset['theme'] = isDark.value ? 'dark' : 'light';
    });

    const enter = (onFloor: boolean): void => void (isOnFloor.value = onFloor);
    const toggle = (): void => void (wanted.value = isDark.value ? 'light' : 'dark');

    return { isDark, colors: computed(() => (isDark.value ? tokens.dark : tokens.color)), enter, toggle };
});
