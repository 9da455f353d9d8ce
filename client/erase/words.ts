import type { Schemas } from '../domain/http';

type Part = Schemas['ErasedPart'];

export const fateWords: Record<Part['fate'], string> = {
    erased: 'Erased',
    nameless: 'Stays, without a name',
    kept: 'Stays',
};
