import { api, outcome } from '../http';
import { isAway } from '../problems';

/** Two devices of a class see each other's sets within two seconds, the way there and back included. */
export const NEWS_EVERY_MS = 1000;
/** Where nothing is told the class is timed anew all the same: somebody is slower than was planned. */
export const TIMED_EVERY_MS = 60_000;
/** A pulse is nothing but a number. */
const PATIENCE_MS = 4000;

/** Whether there is news since a number, by the ticket of a class day; away where the server was not there in time. */
export async function askPulse({ pulse, cursor }: { pulse: string; cursor: number }): Promise<'news' | 'same' | 'away' | 'refused'> {
    const answer = await outcome(
        api.GET('/api/v1/pulse/{ticket}', { params: { path: { ticket: pulse } }, signal: AbortSignal.timeout(PATIENCE_MS) }),
    );
    if (answer.ok) {
        return answer.value.cursor === cursor ? 'same' : 'news';
    }
    return isAway(answer.problem) ? 'away' : 'refused';
}

/** Work that is asked for again while it goes on is done once. */
export function oneAtATime(work: () => Promise<void>): () => Promise<void> {
    let going = false;
    return async () => {
        if (going) {
            return;
        }
        going = true;
        try {
            await work();
        } finally {
            going = false;
        }
    };
}
