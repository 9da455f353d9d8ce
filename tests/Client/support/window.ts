import { cleanup } from '@testing-library/vue';
import { afterEach, beforeEach, vi } from 'vitest';

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

globalThis.Request = AddressedRequest;
globalThis.ResizeObserver = SizeObserver;
globalThis.matchMedia = ((media: string) => ({ matches: false, media, addEventListener: () => {}, removeEventListener: () => {} })) as never;
Element.prototype.scrollIntoView = () => {};

beforeEach(() => {
    document.cookie = 'XSRF-TOKEN=chalk';
    localStorage.clear();
});

afterEach(() => {
    cleanup();
    vi.unstubAllGlobals();
});
