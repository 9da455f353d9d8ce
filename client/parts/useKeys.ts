import { onScopeDispose } from 'vue';

const TYPING = 'input, textarea, select, [contenteditable="true"], [role="dialog"]';

/** Listens for single keys while nobody types in a field or a dialog. */
export function useKeys(handle: (key: string) => boolean): void {
    function listen(event: KeyboardEvent): void {
        const target = event.target as HTMLElement | null;
        if (event.ctrlKey || event.metaKey || event.altKey || target?.closest(TYPING)) {
            return;
        }
        if (event.key === 'Enter' && target?.closest('button, a')) {
            return;
        }
        if (handle(event.key)) {
            event.preventDefault();
        }
    }

    window.addEventListener('keydown', listen);
    onScopeDispose(() => window.removeEventListener('keydown', listen));
}
