import { readonly, shallowRef, type Ref } from 'vue';
import type { Entry, Place } from '../../domain/floor/stations';

const DRAG_PX = 8;

export interface Reorder {
    /** Who is being moved: by the next tap, or while a finger drags. */
    picked: Readonly<Ref<Entry | undefined>>;
    pick: (entry: Entry) => void;
    /** Puts who was picked before this one; whether there was somebody. */
    drop: (place: Place, before: Entry) => boolean;
    /** One place up or down, by key. */
    nudge: (place: Place, entry: Entry, by: -1 | 1) => void;
    press: (place: Place, entry: Entry, event: PointerEvent) => void;
}

/** Moves turns within the queue of a station: by two taps, by dragging a handle, or by the arrow keys on it. */
export function useReorder(move: (moved: Entry, before: Entry | undefined) => void): Reorder {
    const picked = shallowRef<Entry>();

    /** Nobody goes before a set of their own. */
    function put(place: Place, moved: Entry, before: Entry | undefined): void {
        picked.value = undefined;
        const isOwn = moved.tile.athlete.id === before?.tile.athlete.id;
        if (moved.station === place.id && !isOwn) {
            move(moved, before);
        }
    }

    return {
        picked: readonly(picked) as Readonly<Ref<Entry | undefined>>,
        pick: (entry) => (picked.value = picked.value?.key === entry.key ? undefined : entry),
        drop(place, before) {
            const moved = picked.value;
            if (moved === undefined) {
                return false;
            }
            put(place, moved, before);
            return true;
        },
        nudge(place, entry, by) {
            const at = place.queue.findIndex((e) => e.key === entry.key);
            const to = at + by;
            if (at >= 0 && to >= 0 && to < place.queue.length) {
                put(place, entry, place.queue[by < 0 ? to : to + 1]);
            }
        },
        press(place, entry, down) {
            const handle = down.currentTarget as HTMLElement;
            const dragged = (event: PointerEvent): void => {
                if (Math.abs(event.clientY - down.clientY) > DRAG_PX) {
                    picked.value = entry;
                }
            };
            const ended = (event: PointerEvent): void => {
                handle.removeEventListener('pointermove', dragged);
                handle.removeEventListener('pointerup', ended);
                handle.removeEventListener('pointercancel', ended);
                const key = document.elementFromPoint(event.clientX, event.clientY)?.closest<HTMLElement>('[data-entry]')?.dataset.entry;
                const before = place.queue.find((e) => e.key === key);
                if (event.type === 'pointerup' && before && before.key !== entry.key && picked.value?.key === entry.key) {
                    put(place, entry, before);
                } else if (Math.abs(event.clientY - down.clientY) > DRAG_PX) {
                    picked.value = undefined;
                }
            };
            handle.setPointerCapture?.(down.pointerId);
            handle.addEventListener('pointermove', dragged);
            handle.addEventListener('pointerup', ended);
            handle.addEventListener('pointercancel', ended);
        },
    };
}
