import { useElementSize } from '@vueuse/core';
import type { ScaleTime } from 'd3-scale';
import { computed, useTemplateRef, type ComputedRef } from 'vue';
import { moment, timeAxis } from './time';

export const HEIGHT = 96;
export const BOX = { left: 54, right: 8, top: 10, bottom: 22 };
const NARROWEST_PX = 160;

/** A small chart as wide as the element "frame" of its component, with time from one day to another. */
export function useSmallChart(days: () => { from: string; to: string }): {
    width: ComputedRef<number>;
    x: ComputedRef<ScaleTime<number, number>>;
} {
    const { width: measured } = useElementSize(useTemplateRef<HTMLElement>('frame'));
    const width = computed(() => Math.max(NARROWEST_PX, measured.value));
    const x = computed(() => timeAxis(moment(days().from), moment(days().to), BOX.left, width.value - BOX.right));
    return { width, x };
}
