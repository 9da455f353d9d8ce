<?php

declare(strict_types=1);

namespace SteadyRung\Floor;

/**
 * How athletes are called where everybody can read it.
 */
enum BoardNames: string
{
    case First = 'first';
    case Initials = 'initials';

    /**
     * As short as tells them apart; who is called the same gets letters of the last name, and then a number.
     *
     * @param  array<string, string>  $names  whole names by whatever knows them
     * @return array<string, string> by the same
     */
    public function of(array $names): array
    {
        $shown = [];
        foreach ($names as $key => $name) {
            $shown[$key] = $this->short($name, 0);
        }
        for ($letters = 1; $letters <= max([0, ...array_map(mb_strlen(...), $names)]) && self::alike($shown) !== []; $letters++) {
            foreach (self::alike($shown) as $key) {
                $shown[$key] = $this->short($names[$key], $letters);
            }
        }
        $numbers = [];
        foreach (self::alike($shown) as $key) {
            $numbers[$shown[$key]] = ($numbers[$shown[$key]] ?? 0) + 1;
            $shown[$key] .= " {$numbers[$shown[$key]]}";
        }

        return $shown;
    }

    private function short(string $name, int $letters): string
    {
        $words = preg_split('/\s+/u', trim($name)) ?: [$name];
        $last = count($words) > 1 ? (string) end($words) : '';

        return match ($this) {
            self::First => trim($words[0].' '.mb_substr($last, 0, $letters)),
            self::Initials => mb_strtoupper(mb_substr($words[0], 0, 1)).mb_substr($last, 0, max(1, $letters)),
        };
    }

    /**
     * @param  array<string, string>  $shown
     * @return list<string> keys of those that are shown as somebody else is
     */
    private static function alike(array $shown): array
    {
        $counts = array_count_values($shown);

        return array_keys(array_filter($shown, static fn (string $one): bool => $counts[$one] > 1));
    }
}
