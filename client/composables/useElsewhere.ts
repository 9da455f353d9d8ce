import { readonly, shallowRef, type ShallowRef } from 'vue';
import { differences, merged, same, type Body, type Difference } from '../domain/merge';
import type { Result } from '../domain/http';

interface Form<T> {
    /** What the form would send untouched; nothing for what is new. */
    began: () => T | undefined;
    /** What the server holds now, as the form would send it; nothing where it is gone. */
    stored: () => Promise<Result<T | undefined>>;
}

export interface Elsewhere<T> {
    /** What another page saved meanwhile, while the coach is asked about it. */
    found: Readonly<ShallowRef<readonly Difference[] | undefined>>;
    /** Sends it, unless another page saved since: then that is found, and nothing is sent until it is agreed to keep both. */
    save: <R>(mine: T, send: (body: T) => Promise<Result<R>>, agreed?: boolean) => Promise<Result<R> | undefined>;
    /** What another saved, to go on from. */
    take: () => T | undefined;
}

/**
 * Keeps a form from saving over what another page saved since it began. The look and the save are two requests: two
 * pages that save within the same moment still end with the later one.
 */
export function useElsewhere<T extends Body>(form: Form<T>): Elsewhere<T> {
    const found = shallowRef<readonly Difference[]>();
    let since: T | undefined;
    let theirs: T | undefined;

    async function save<R>(mine: T, send: (body: T) => Promise<Result<R>>, agreed = false): Promise<Result<R> | undefined> {
        const began = since ?? form.began();
        const seen = theirs;
        const stored = began && (await form.stored());
        theirs = stored?.ok ? stored.value : undefined;
        const news = began && theirs ? differences(began, mine, theirs) : [];
        if (news.length > 0 && !(agreed && same(seen, theirs))) {
            found.value = news;
            return undefined;
        }
        const body = began && theirs ? merged(began, mine, theirs) : mine;
        const result = await send(body);
        if (result.ok) {
            const kept = await form.stored();
            since = kept.ok ? kept.value : body;
            found.value = undefined;
        }
        return result;
    }

    function take(): T | undefined {
        since = theirs;
        found.value = undefined;
        return theirs;
    }

    return { found: readonly(found) as Elsewhere<T>['found'], save, take };
}
