import type { Schemas } from '../domain/http';
import { percentRange } from '../domain/units';

/** “3 of 12, 14–41 %”: what was seen, and where the true part lies eight times in ten. */
export const portionWords = ({ some, all, part, low, high }: Schemas['Portion']): string =>
    part === null ? '–' : `${some} of ${all}, ${percentRange(low, high)}`;

/** “4–11 weeks”; open where nobody was seen for as long. */
export function weeksWords({ weeks, weeks_low, weeks_high }: Schemas['MethodLine']): string {
    if (weeks === null) {
        return weeks_low === null ? 'not known yet' : `${Math.round(weeks_low)} or more`;
    }
    const most = weeks_high === null ? 'or more' : `to ${Math.round(weeks_high)}`;
    return `${Math.round(weeks)} (${Math.round(weeks_low ?? 0)} ${most})`;
}
