import { useLocalStorage } from '@vueuse/core';
import { computed, type ComputedRef, type WritableComputedRef } from 'vue';
import type { Collision, Way } from '../domain/floor/collisions';
import { FLOOR } from '../domain/floor/stations';
import type { Tile } from '../domain/floor/tile';
import { useEver } from '../composables/useEver';
import type { Floor } from './useFloor';

export interface Turns {
    /** How the class is looked at: by station once more than one shares one, unless somebody chose otherwise. */
    by: WritableComputedRef<'athlete' | 'station'>;
    /** Where somebody who is rested waits; none where they are up. */
    waitsAt: ComputedRef<(tile: Tile) => string | undefined>;
    collisionOf: (tile: Tile) => Collision | undefined;
    take: (way: Way) => void;
}

/** Whose turn it is, and what is done where two need one thing. */
export function useTurns(floor: Floor): Turns {
    const { places, collisions } = floor;
    const chosen = useLocalStorage<'athlete' | 'station' | ''>('steady-rung.by', '');
    const isShared = useEver(() =>
        places.value.some((p) => p.id !== FLOOR && new Set([...p.now, ...p.queue].map((e) => e.tile.athlete.id)).size > 1),
    );
    const upNow = computed(() => new Set(places.value.flatMap((p) => p.now.map((e) => e.tile.athlete.id))));

    return {
        by: computed({ get: () => chosen.value || (isShared.value ? 'station' : 'athlete'), set: (to) => (chosen.value = to) }),
        waitsAt: computed(
            () => (tile) =>
                upNow.value.has(tile.athlete.id)
                    ? undefined
                    : places.value.find((p) => p.queue.some((e) => e.isNext && e.tile.athlete.id === tile.athlete.id))?.name,
        ),
        collisionOf: (tile) => collisions.value.find((c) => c.who.some((t) => t.athlete.id === tile.athlete.id)),
        take({ order, instead }) {
            if (order) {
                const { athlete_id, line, n, station } = order.first;
                void floor.order([{ athlete_id, line, n, at_s: order.before.at_s - 1, station }]);
            } else if (instead) {
                floor.switchTo(instead.tile, instead.rung);
            }
        },
    };
}
