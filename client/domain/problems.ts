import type { components } from './api.gen';

export type Fault = components['schemas']['FieldError'];
export type ProblemCode = components['schemas']['ProblemCode'] | 'offline';

/** A refusal as the client knows it: what was wrong, and with which value. */
export interface Problem {
    code: ProblemCode;
    detail: string;
    faults: Fault[];
}

/** What to do about each problem; the codes are the API's own, so a new one there fails the type check here. */
export const whatToDo: Record<ProblemCode, string> = {
    'bad-json': 'Load the page again.',
    'bad-request': 'Load the page again.',
    invalid: 'Mend the marked fields. Nothing typed is lost.',
    'signed-out': 'Sign in again. Nothing typed is lost.',
    'wrong-sign-in': 'Email or password is wrong.',
    'too-many-tries': '',
    'foreign-origin': 'Open the application at its own address.',
    'page-expired': 'Load the page again.',
    'not-found': 'It may have been removed. Go back to the list.',
    'method-not-allowed': 'Load the page again.',
    'body-too-large': 'Shorten it.',
    'id-taken': '',
    'pulling-paused': '',
    'does-not-fit': '',
    'call-changed': '',
    'call-decided': '',
    'refer-stands': '',
    'scale-away': '',
    'kit-full': '',
    'last-weighing': '',
    'method-in-use': '',
    founded: '',
    'wrong-password': '',
    'bad-table': '',
    'link-ended': '',
    'not-allowed': '',
    'code-needed': '',
    'last-owner': '',
    'changed-since': '',
    'consent-missing': '',
    busy: '',
    away: '',
    offline: 'No connection.',
    fault: '',
};

/** Whether the network or the server was not there: trying again may help. */
export const isAway = (problem: Problem | undefined): boolean =>
    problem !== undefined && ['offline', 'away', 'busy'].includes(problem.code);

const KEPT = 'What you typed is still here: try again.';

export function explain(problem: Problem, { typed = false }: { typed?: boolean } = {}): string {
    const advice = [whatToDo[problem.code], typed && isAway(problem) && KEPT].filter(Boolean).join(' ');
    return problem.code === 'invalid' || problem.code === 'wrong-sign-in' || problem.code === 'offline'
        ? advice
        : [problem.detail, advice].filter(Boolean).join(' ');
}

/** Why something that waited was refused: the advice, and what is wrong at the first field. */
export const refusalWords = (problem: Problem): string => [explain(problem), problem.faults[0]?.detail].filter(Boolean).join(' ');
