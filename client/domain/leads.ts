/** A name by what tells it from its neighbours, and the rest of it. */
export interface Led {
    lead: string;
    rest: string;
}

/** What the lane says already. */
const KIND = /^(Row|Foot help|Band pull-down|Pull-down|Legs in front), /;

const firstWord = (part: string): string => part.split(' ')[0] ?? '';

/** Names that stand one under the other: each led by a part that no other has, no two by the same word, as far as their parts go. */
export function leads(names: readonly string[]): Led[] {
    const parted = names.map((name) => name.replace(KIND, '').split(', '));
    const taken = new Set<string>();
    return parted.map((parts) => {
        const isOwn = (part: string): boolean => parted.filter((other) => other.includes(part)).length === 1;
        const isFree = (part: string): boolean => !taken.has(firstWord(part));
        const lead = parts.find((p) => isOwn(p) && isFree(p)) ?? parts.find(isFree) ?? parts[0] ?? '';
        taken.add(firstWord(lead));
        return { lead: lead.charAt(0).toUpperCase() + lead.slice(1), rest: parts.filter((p) => p !== lead).join(' · ') };
    });
}
