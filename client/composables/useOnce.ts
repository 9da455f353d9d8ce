/** Lets an action through and swallows what comes right after it: a thumb that bounces, a double click. */
export function useOnce({ swallowMs = 900, now = () => performance.now() }: { swallowMs?: number; now?: () => number } = {}): (
    action: () => void,
) => void {
    let last = -Infinity;
    return (action) => {
        if (now() - last < swallowMs) {
            return;
        }
        last = now();
        action();
    };
}
