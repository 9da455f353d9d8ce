import { useEventListener } from '@vueuse/core';

const TYPING = 'input, textarea, select, [contenteditable="true"]';
const PANEL = '[role="dialog"]';
const PRESSABLE = 'button, a, summary';

/**
 * Listens for single keys while nobody types in a field and no panel is open. Enter and Space stay with a button that the keyboard
 * went to; one that was only tapped does not keep them.
 */
export function useKeys(
    handle: (key: string, event: KeyboardEvent) => boolean,
    { released }: { released?: (key: string) => void } = {},
): void {
    const tapped = new WeakSet<EventTarget>();
    let pressed = '';
    useEventListener(
        window,
        'pointerdown',
        (event: PointerEvent) => {
            pressed = '';
            const button = (event.target as Element | null)?.closest(PRESSABLE);
            if (button) {
                tapped.add(button);
            }
        },
        { capture: true },
    );
    useEventListener(window, 'focusin', (event: FocusEvent) => pressed === 'Tab' && event.target && tapped.delete(event.target));
    useEventListener(window, 'keydown', (event: KeyboardEvent) => {
        pressed = event.key;
        const target = event.target as HTMLElement | null;
        if (
            event.ctrlKey ||
            event.metaKey ||
            event.altKey ||
            event.defaultPrevented ||
            target?.closest(TYPING) ||
            document.querySelector(PANEL)
        ) {
            return;
        }
        if ((event.key === 'Enter' || event.key === ' ') && target?.matches(PRESSABLE) && !tapped.has(target)) {
            return;
        }
        if (handle(event.key, event)) {
            event.preventDefault();
        }
    });
    useEventListener(window, 'keyup', (event: KeyboardEvent) => released?.(event.key));
}
