import type { Schemas } from '../domain/http';
import { chanceWords, day } from '../domain/units';

/** Of strict reps: “First strict rep”, “3 strict reps”. */
export const strictName = (reps: number): string => (reps === 1 ? 'First strict rep' : `${reps} strict reps`);

/** The day that something is as likely as not by; none where it lies beyond a year. */
export const aboutDay = (on: string | null): string => (on === null ? 'not foreseeable yet' : `about ${day(on)}`);

/** Where eight in ten lie. */
export function spreadWords(soonest: string | null, latest: string | null): string {
    if (soonest === null) {
        return '';
    }
    return latest === null ? `from ${day(soonest)} on, or beyond a year` : `${day(soonest)} – ${day(latest)}`;
}

/** When so many strict reps are to be expected, in a few words. */
export function whenWords(forecast: Schemas['Forecast']): string {
    if (forecast.verdict === 'test-now') {
        return 'test now';
    }
    return forecast.median_on === null ? `${chanceWords(forecast.within_26)} in 26 weeks` : aboutDay(forecast.median_on);
}
