import { useBroadcastChannel, useIntervalFn, useLocalStorage, useOnline } from '@vueuse/core';
import { useQueryClient } from '@tanstack/vue-query';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { alone, askToStay, deedStore, wasCleared, watchDeeds } from '../domain/device';
import { api, outcome } from '../domain/http';
import { DeedQueue, type Deed, type GymDeed, type SetDraft, type Waiting } from '../domain/queue';
import { freshenAthlete, freshenGym, keepOnFloor } from './reads';

const AGAIN_AFTER_MS = 4000;

/** What tabs tell one another: of whom something came to stand, or nobody where it is the gym's. */
type Told = Pick<Waiting, 'athleteId'>;

/** The deeds of whoever is signed in that wait on this device; they go by themselves, whatever page is open. */
export const useDeedQueue = defineStore('deed-queue', () => {
    const client = useQueryClient();
    const owner = ref<string>();
    const waiting = shallowRef<Waiting[]>([]);
    const busy = ref(false);
    /** Grows with every deed that came to stand: what was read meanwhile may not know of it. */
    const settled = ref(0);
    /** The device refuses to keep anything: full, or forbidden. */
    const broken = ref(false);
    /** How many deeds waited here when the store was cleared from outside. */
    const lost = ref(0);
    const counted = useLocalStorage('steady-rung.waiting', 0);
    const online = useOnline();
    const { post: tellTabs, data: told } = useBroadcastChannel<Told, Told>({ name: 'steady-rung.stored' });
    let stopWatching = (): void => {};

    const refresh = ({ athleteId }: Told): void => void (athleteId === undefined ? freshenGym(client) : freshenAthlete(client, athleteId));
    const queue = new DeedQueue({
        store: deedStore,
        alone,
        askTime: () => outcome(api.GET('/api/health')),
        send: (deeds) => outcome(api.POST('/api/deeds', { body: { deeds } })),
        stored: async (waiting, set) => {
            settled.value += 1;
            await keepOnFloor(client, waiting, set);
            refresh(waiting);
            tellTabs({ athleteId: waiting.athleteId }); // an object, for the same word twice would be no news
        },
    });

    watch(told, (news) => news && refresh(news));

    /** From here on the deeds of this owner are sent; those of others stay where they are. */
    function serve(who: string | undefined): void {
        stopWatching();
        owner.value = who;
        waiting.value = [];
        if (who !== undefined) {
            const before = counted.value;
            void wasCleared().then((is) => is && (lost.value = before));
            void askToStay();
            stopWatching = watchDeeds(
                who,
                (all) => {
                    waiting.value = all;
                    counted.value = all.length;
                },
                () => (broken.value = true),
            );
            void flush();
        }
    }

    async function flush(): Promise<void> {
        if (owner.value === undefined) {
            return;
        }
        busy.value = true;
        await queue.flush(owner.value);
        busy.value = false;
    }

    /** On the device first; the sending goes on behind. */
    async function keep<T>(put: (who: string) => Promise<T>): Promise<T | undefined> {
        if (owner.value === undefined) {
            return undefined;
        }
        try {
            const made = await put(owner.value);
            broken.value = false;
            void flush();
            return made;
        } catch {
            broken.value = true;
            return undefined;
        }
    }

    const add = (athleteId: string, draft: SetDraft): Promise<Waiting | undefined> => keep((who) => queue.add(who, athleteId, draft));
    const tell = (athleteId: string, deed: Deed): Promise<Waiting | undefined> => keep((who) => queue.tell(who, athleteId, deed));
    const tellGym = (deed: GymDeed): Promise<Waiting | undefined> => keep((who) => queue.tell(who, undefined, deed));
    const takeBack = (athleteId: string, setId: string): Promise<void> => keep((who) => queue.takeBack(who, athleteId, setId));
    const undoPain = (athleteId: string, toldId: string): Promise<void> => keep((who) => queue.undoPain(who, athleteId, toldId));
    const drop = (id: string): Promise<boolean> => (owner.value === undefined ? Promise.resolve(false) : queue.drop(owner.value, id));
    const sendAgain = (id: string): Promise<boolean> => (owner.value === undefined ? Promise.resolve(false) : queue.sendAgain(owner.value, id));
    const pending = computed(() => waiting.value.filter((w) => w.problem === undefined));
    const refused = computed(() => waiting.value.filter((w) => w.problem !== undefined));

    watch(online, (is) => is && void flush());
    useIntervalFn(() => pending.value.length > 0 && !busy.value && void flush(), AGAIN_AFTER_MS);

    return { waiting, pending, refused, busy, broken, lost, settled, serve, add, tell, tellGym, takeBack, undoPain, drop, sendAgain, flush };
});
