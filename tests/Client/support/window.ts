import 'fake-indexeddb/auto';
import { cleanup, configure } from '@testing-library/vue';
import { afterEach, beforeEach, vi } from 'vitest';
import { heardTime } from '../../../client/domain/clock';
import { commandStore, keptReads, lastCoach, marks } from '../../../client/domain/device';
import { PATIENCE_MS } from './patience';
import { COACH } from './samples';
import { endQueues } from './screen';

/** Where no test serves, nobody answers: a page that is left late asks no network. */
globalThis.fetch = () => Promise.reject(new TypeError('No server.'));

/** What a browser has and the simulated one lacks: an address that paths are relative to, sizes, media and scrolling. */
const AddressedRequest = class extends Request {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
        super(typeof input === 'string' ? new URL(input, 'http://steady.example') : input, init);
    }
};

class SizeObserver {
    observe(): void {}
    unobserve(): void {}
    disconnect(): void {}
}

/* Looking through every style for what hides a button takes most of a test's time: what an element says itself is all there is. */
configure({ defaultHidden: true, asyncUtilTimeout: PATIENCE_MS });
globalThis.getComputedStyle = (element, pseudo) => (pseudo ? document.createElement('i') : (element as HTMLElement)).style;

globalThis.Request = AddressedRequest;
globalThis.ResizeObserver = SizeObserver;
globalThis.matchMedia = ((media: string) => ({
    matches: false,
    media,
    addEventListener: () => {},
    removeEventListener: () => {},
})) as never;
Element.prototype.scrollIntoView = () => {};
Element.prototype.scrollTo = () => {};

beforeEach(async () => {
    await keptReads.wipe();
    await lastCoach.forget();
    await marks.forget('steady-rung.floor-day');
    await marks.forget('steady-rung.class');
    for (const waiting of await commandStore.all(COACH)) {
        await commandStore.remove(waiting.id);
    }
    vi.setSystemTime('2026-03-20T12:00:00Z');
    heardTime('2026-03-20T12:00:00Z');
    document.cookie = 'XSRF-TOKEN=chalk';
    localStorage.clear();
});

afterEach(async () => {
    cleanup();
    await endQueues();
    vi.unstubAllGlobals();
    vi.useRealTimers();
});
