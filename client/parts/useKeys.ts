import { useEventListener } from '@vueuse/core';

const TYPING = 'input, textarea, select, [contenteditable="true"], [role="dialog"]';
const PRESSABLE = 'button, a, summary';

/**
 * Listens for single keys while nobody types in a field or a dialog. Enter and Space stay with a button that the keyboard
 * went to; one that was only tapped does not keep them.
 */
export function useKeys(handle: (key: string, event: KeyboardEvent) => boolean, { released }: { released?: (key: string) => void } = {}): void {
    let pressed = '';
    let wentTo: EventTarget | null = null;
    useEventListener(window, 'pointerdown', () => (pressed = ''), { capture: true });
    useEventListener(window, 'focusin', (event: FocusEvent) => (wentTo = pressed === 'Tab' ? event.target : null));
    useEventListener(window, 'keydown', (event: KeyboardEvent) => {
        pressed = event.key;
        const target = event.target as HTMLElement | null;
        if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented || target?.closest(TYPING)) {
            return;
        }
        if ((event.key === 'Enter' || event.key === ' ') && target !== null && target === wentTo && target.matches(PRESSABLE)) {
            return;
        }
        if (handle(event.key, event)) {
            event.preventDefault();
        }
    });
    useEventListener(window, 'keyup', (event: KeyboardEvent) => released?.(event.key));
}
