import { onScopeDispose } from 'vue';

/** Installed on a phone this page is its own, and opens at its own link: its manifest names no address to begin at. */
export function useHead(): void {
    const link = document.querySelector<HTMLLinkElement>('link[rel=manifest]');
    const was = link?.getAttribute('href') ?? null;
    link?.setAttribute('href', '/my.webmanifest');
    const quiet = document.createElement('meta');
    quiet.name = 'referrer';
    quiet.content = 'no-referrer';
    document.head.append(quiet);
    onScopeDispose(() => {
        quiet.remove();
        if (was !== null) {
            link?.setAttribute('href', was);
        }
    });
}
