import type { Schemas } from '../http';
import type { SetDraft } from '../queue';

/** What a coach may say otherwise of a set that was logged. */
export type Change = Partial<Pick<Schemas['SetInput'], 'clean_reps' | 'hang_s' | 'reserve' | 'to_failure' | 'no_counts' | 'faults'>>;

/** A set as it was logged, with something of it otherwise: a row that names the one it stands for; the log keeps both. */
export function correctionOf(set: Schemas['Set'], change: Change): SetDraft {
    const { purpose, exercise, performed_at, faults, pain, note, line } = set;
    const counted =
        set.clean_reps === null
            ? { hang_s: set.hang_s }
            : {
                  clean_reps: set.clean_reps,
                  reserve: set.reserve,
                  to_failure: set.to_failure,
                  no_counts: set.no_counts,
                  asked_reps: set.asked_reps,
              };
    const draft: SetDraft = {
        purpose,
        exercise,
        performed_at,
        faults,
        pain,
        note,
        ...(line !== null && { line }),
        ...counted,
        ...change,
        replaces_id: set.id,
    };
    const timed = draft.clean_reps ?? 0;
    return {
        ...draft,
        ...(set.splits_s.length > 0 && { splits_s: set.splits_s.slice(0, timed) }),
        ...(set.halves_s.length > 0 && { halves_s: set.halves_s.slice(0, timed) }),
    };
}
