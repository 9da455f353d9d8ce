<?php

declare(strict_types=1);

namespace SteadyRung\Floor\Timetable;

/**
 * What somebody has done and has still to do in a class: sets in the order in which they were done, then line by line; lines of a group in
 * rounds, the one done least next. A turn is known by its line and which set of it it is.
 */
final readonly class Programme
{
    private const EXTRA = 'extra';

    /** Of what was done only so much says when somebody is rested and what hangs where. */
    private const MOST_DONE = 12;

    /**
     * @param  Comer|null  $comer  none of who has nothing to do and did nothing
     * @param  list<Slot>  $begun
     */
    private function __construct(public ?Comer $comer, public array $begun)
    {
    }

    /**
     * @param  list<Work>  $works
     * @param  list<Done>  $done
     */
    public static function of(string $athlete, int $arrivesS, array $works, array $done): self
    {
        usort($done, static fn (Done $one, Done $other): int => $one->endS <=> $other->endS);
        $counts = $turns = $begun = [];
        foreach ($done as $set) {
            $line = $set->line ?? self::EXTRA;
            $n = $counts[$line] = ($counts[$line] ?? 0) + 1;
            $turns[] = new Turn(
                self::turn($line, $n),
                self::within($set->setS, Turn::DURATION_S),
                self::within($set->restS, Turn::REST_S),
                [$set->station],
                $set->gear,
            );
            $begun[] = new Slot($athlete, self::turn($line, $n), $set->endS - $set->setS, $set->station);
        }
        [$turns, $begun] = [array_slice($turns, -self::MOST_DONE), array_slice($begun, -self::MOST_DONE)];
        while (count($turns) < Comer::TURNS[1] && ($next = self::next($works, $counts)) !== null) {
            $n = $counts[$next->line] = ($counts[$next->line] ?? 0) + 1;
            if ($next->stations !== []) {
                $turns[] = new Turn(
                    self::turn($next->line, $n),
                    self::within($next->setS, Turn::DURATION_S),
                    self::within($next->restS, Turn::REST_S),
                    $next->stations,
                    $next->gear,
                );
            }
        }

        return new self($turns === [] ? null : new Comer($athlete, self::within($arrivesS, Comer::ARRIVES_S), $turns), $begun);
    }

    /** The nth set of a line. */
    public static function turn(string $line, int $n): string
    {
        return "$n $line";
    }

    /** The line of a turn. */
    public static function lineOf(string $turn): string
    {
        return explode(' ', $turn, 2)[1] ?? '';
    }

    /**
     * @param  list<Work>  $works
     * @param  array<string, int>  $counts  sets by line so far
     */
    private static function next(array $works, array $counts): ?Work
    {
        $left = array_values(array_filter($works, static fn (Work $w): bool => ($counts[$w->line] ?? 0) < $w->sets));
        $first = $left[0] ?? null;
        foreach ($left as $work) {
            $isOfRound = $first !== null && $work->group !== null && $work->group === $first->group;
            $first = $isOfRound && ($counts[$work->line] ?? 0) < ($counts[$first->line] ?? 0) ? $work : $first;
        }

        return $first;
    }

    /** @param  array{int, int}  $range */
    private static function within(int $seconds, array $range): int
    {
        return max($range[0], min($range[1], $seconds));
    }
}
