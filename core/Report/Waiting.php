<?php

declare(strict_types=1);

namespace SteadyRung\Report;

use SteadyRung\Normal;

/**
 * How long it takes until something comes about, where it did not yet for some (Kaplan & Meier 1958; intervals by Greenwood 1926 on the log
 * of what is left; of the median by Brookmeyer & Crowley 1982).
 */
final readonly class Waiting
{
    /**
     * @param  list<array{float, float, float, float}>  $steps  after so long, for which part it has not come, and from where to where eight in ten lie
     * @param  float  $longest  that anybody was looked at
     */
    private function __construct(private array $steps, private float $longest)
    {
    }

    /** @param  list<Spell>  $spells */
    public static function of(array $spells, float $z = Normal::Z90): self
    {
        usort($spells, static fn (Spell $a, Spell $b): int => $a->length <=> $b->length);
        $lengths = array_values(array_unique(array_map(
            static fn (Spell $s): float => $s->length,
            array_filter($spells, static fn (Spell $s): bool => $s->cameAbout),
        )));
        $left = 1.0;
        $variance = 0.0;
        $steps = [];
        foreach ($lengths as $length) {
            $waiting = count(array_filter($spells, static fn (Spell $s): bool => $s->length >= $length));
            $came = count(array_filter($spells, static fn (Spell $s): bool => $s->cameAbout && $s->length === $length));
            $left *= 1.0 - $came / $waiting;
            $variance += $came === $waiting ? INF : $came / ($waiting * ($waiting - $came));
            $spread = $variance === INF ? 1.0 : exp($z * sqrt($variance));
            $steps[] = [$length, $left, $left / $spread, min(1.0, $left * $spread)];
        }

        return new self($steps, $spells === [] ? 0.0 : $spells[count($spells) - 1]->length);
    }

    /** @return array{float, float, float}|null the part for which it has come by then, low and high; null beyond what anybody was looked at */
    public function cameBy(float $length): ?array
    {
        if ($length > $this->longest) {
            return null;
        }
        $at = [0.0, 1.0, 1.0, 1.0];
        foreach ($this->steps as $step) {
            $at = $step[0] <= $length ? $step : $at;
        }

        return [1.0 - $at[1], 1.0 - $at[3], 1.0 - $at[2]];
    }

    /** By when it has come for every other one; null where it has not, or for too few. */
    public function median(): ?float
    {
        return $this->firstHalfOf(1);
    }

    /** @return array{float|null, float|null} from where to where the median lies eight times in ten; null: it may be longer than anybody was looked at */
    public function medianRange(): array
    {
        return [$this->firstHalfOf(2), $this->firstHalfOf(3)];
    }

    private function firstHalfOf(int $column): ?float
    {
        foreach ($this->steps as $step) {
            if ($step[$column] <= 0.5) {
                return $step[0];
            }
        }

        return null;
    }
}
