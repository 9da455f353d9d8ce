import type { Schemas } from '../domain/http';
import { length, mass, seconds } from '../domain/units';

/** What was done, in the words of who did it. */
export const doneWords: Record<Schemas['AuditEntry']['event'], string> = {
    'signed-in': 'signed in',
    'session-ended': 'signed out another device',
    'password-changed': 'changed their password',
    'second-factor-on': 'switched on a code by phone',
    'second-factor-off': 'switched off a code by phone',
    invited: 'invited somebody',
    'role-changed': 'changed the role of',
    'member-left': 'ended the access of',
    'settings-changed': 'changed the settings',
    'screen-seen': 'saw the answers of a screen of',
    'screen-taken': 'took a screen of',
    'consent-noted': 'noted the consent of',
    'consent-taken-back': 'noted that consent was taken back by',
    cleared: 'cleared the pain of',
    'pain-told': 'told pain of',
    'athlete-added': 'added an athlete',
    'athlete-changed': 'changed the particulars of',
    'athlete-archived': 'archived or brought back',
    'link-given': 'gave a link to their own page to',
    'link-ended': 'ended the link of',
    'athlete-exported': 'exported',
    'gym-exported': 'exported the whole gym',
    'people-exported': 'exported the people as cards',
    'calendar-given': 'gave out the calendar of the classes',
    'calendar-ended': 'ended the calendar of the classes',
    'log-exported': 'exported the log as a table',
    'token-given': 'let in the script',
    'token-ended': 'ended the token of the script',
    'webhook-kept': 'set up or changed a webhook',
    'webhook-ended': 'ended a webhook',
    imported: 'brought in a file',
    'import-undone': 'undid what a file brought',
    'erasure-ordered': 'had erased',
    'gear-changed': 'changed the kit',
    'band-changed': 'changed a band',
    'method-kept': 'kept a method',
    'method-dropped': 'dropped the method',
    'rules-settled': 'settled house rules',
    'caps-settled': 'settled the caps',
};

const UNITS: readonly (readonly [string, (value: number) => string])[] = [
    ['_mm', (mm) => `${mm} mm`],
    ['_kg', mass],
    ['_m', length],
    ['_s', seconds],
];
const called: Record<string, string> = {
    stature: 'height',
    tags: 'classes',
    points: 'readings',
    mass_unit: 'weights in',
    length_unit: 'lengths in',
    athletes_tell: 'what athletes may tell',
};

const plain = (name: string): string => called[name] ?? name.replaceAll(/[_-]/g, ' ');

/** “height 175 cm → 180 cm”, from a figure as the API calls it. */
export function changedWords({ what, from, to }: Schemas['Changed']): string {
    const [unit, words] = UNITS.find(([ending]) => what.endsWith(ending)) ?? ['', String];
    const said = (value: string | null): string => {
        if (value === null || value === '') {
            return 'none';
        }
        return unit !== '' && Number.isFinite(Number(value)) ? words(Number(value)) : value;
    };
    if (from === null && to === null) {
        return `${plain(what)} changed`;
    }
    return `${plain(what.slice(0, what.length - unit.length))} ${said(from)} → ${said(to)}`;
}
