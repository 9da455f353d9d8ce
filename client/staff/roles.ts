import type { Schemas } from '../domain/http';

export type Role = Schemas['Member']['role'];

export const roles: readonly Role[] = ['owner', 'coach', 'assistant'];

/** As the rights of each are in the API. */
export const roleWords: Record<Role, { name: string; may: string }> = {
    owner: { name: 'Owner', may: 'Everything: also who works here, the gym’s settings, import and export.' },
    coach: { name: 'Coach', may: 'Athletes, screens, calls, sessions, classes, kit, methods and house rules.' },
    assistant: {
        name: 'Assistant',
        may: 'Sees the gym and logs: sets, weighings, pain, who came. Decides nothing, and sees no answers of screens.',
    },
};
