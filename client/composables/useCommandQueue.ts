import { useBroadcastChannel, useIntervalFn, useLocalStorage, useOnline } from '@vueuse/core';
import { useQueryClient } from '@tanstack/vue-query';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { alone, askToStay, commandStore, wasCleared, watchCommands } from '../domain/device';
import { api, outcome } from '../domain/http';
import { CommandQueue, type Command, type GymCommand, type SetDraft, type Waiting } from '../domain/queue';
import { freshenAthlete, freshenGym, keepOnFloor } from './reads';

const AGAIN_AFTER_MS = 4000;
/** What is not answered is sent again; the server knows it by its id. */
const PATIENCE_MS = 20_000;

/** What tabs tell one another: of whom something came to stand, or nobody where it is the gym's. */
type Told = Pick<Waiting, 'athleteId'>;

/** The commands of whoever is signed in that wait on this device; they go by themselves, whatever page is open. */
export const useCommandQueue = defineStore('command-queue', () => {
    const client = useQueryClient();
    const owner = ref<string>();
    const waiting = shallowRef<Waiting[]>([]);
    const busy = ref(false);
    /** Grows with every command that came to stand: what was read meanwhile may not know of it. */
    const settled = ref(0);
    /** The device refuses to keep anything: full, or forbidden. */
    const broken = ref(false);
    /** How many commands waited here when the store was cleared from outside. */
    const lost = ref(0);
    const counted = useLocalStorage('steady-rung.waiting', 0);
    const online = useOnline();
    const { post: tellTabs, data: told } = useBroadcastChannel<Told, Told>({ name: 'steady-rung.stored' });
    let stopWatching = (): void => {};

    const refresh = ({ athleteId }: Told): void => void (athleteId === undefined ? freshenGym(client) : freshenAthlete(client, athleteId));
    const queue = new CommandQueue({
        store: commandStore,
        alone,
        askTime: () => outcome(api.GET('/api/v1/health')),
        send: (commands) => outcome(api.POST('/api/v1/commands', { body: { commands }, signal: AbortSignal.timeout(PATIENCE_MS) })),
        stored: async (waiting, set) => {
            settled.value += 1;
            await keepOnFloor(client, waiting, set);
            refresh(waiting);
            tellTabs({ athleteId: waiting.athleteId }); // an object, for the same word twice would be no news
        },
    });

    watch(told, (news) => news && refresh(news));

    /** From here on the commands of this owner are sent; those of others stay where they are. */
    function serve(who: string | undefined): void {
        stopWatching();
        owner.value = who;
        waiting.value = [];
        if (who !== undefined) {
            const before = counted.value;
            void wasCleared().then((is) => is && (lost.value = before));
            void askToStay();
            stopWatching = watchCommands(
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
    const tell = (athleteId: string, command: Command): Promise<Waiting | undefined> => keep((who) => queue.tell(who, athleteId, command));
    const tellGym = (command: GymCommand): Promise<Waiting | undefined> => keep((who) => queue.tell(who, undefined, command));

    /** Rows that are one set, begun on one exercise and ended on another: each after the first names it. Those that were kept. */
    async function addAsOne(athleteId: string, drafts: readonly SetDraft[]): Promise<Waiting[]> {
        const kept: Waiting[] = [];
        for (const draft of drafts) {
            const made = await add(athleteId, { ...draft, ...(kept[0] && { part_of: kept[0].id }) });
            if (!made) {
                break;
            }
            kept.push(made);
        }
        return kept;
    }

    const takeBack = (athleteId: string, setId: string): Promise<void> => keep((who) => queue.takeBack(who, athleteId, setId));
    const undoPain = (athleteId: string, toldId: string): Promise<void> => keep((who) => queue.undoPain(who, athleteId, toldId));
    const drop = (id: string): Promise<boolean> => (owner.value === undefined ? Promise.resolve(false) : queue.drop(owner.value, id));
    const sendAgain = (id: string): Promise<boolean> =>
        owner.value === undefined ? Promise.resolve(false) : queue.sendAgain(owner.value, id);
    const pending = computed(() => waiting.value.filter((w) => w.problem === undefined));
    const refused = computed(() => waiting.value.filter((w) => w.problem !== undefined));

    watch(online, (is) => is && void flush());
    useIntervalFn(() => pending.value.length > 0 && !busy.value && void flush(), AGAIN_AFTER_MS);

    return {
        waiting,
        pending,
        refused,
        busy,
        broken,
        lost,
        settled,
        serve,
        add,
        addAsOne,
        tell,
        tellGym,
        takeBack,
        undoPain,
        drop,
        sendAgain,
        flush,
    };
});
