/** What opens beside the floor. */
export type FloorPanel = 'who' | 'gear' | 'plan' | 'wall' | 'find';
