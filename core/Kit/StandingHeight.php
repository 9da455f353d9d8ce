<?php

declare(strict_types=1);

namespace SteadyRung\Kit;

/**
 * A height to stand on: the floor, one box, or plates laid on one another.
 */
final readonly class StandingHeight
{
    /** Plates are not stacked higher than this. */
    public const MOST_STACK_M = 0.30;

    /** More plates than this nobody stacks. */
    public const MOST_PLATES = 12;

    private const STEPS_PER_M = 10000.0;

    /** @param  list<string>  $plateIds */
    private function __construct(public float $heightM, public ?string $boxId, public array $plateIds)
    {
    }

    public static function floor(): self
    {
        return new self(0.0, null, []);
    }

    public static function onBox(Box $box): self
    {
        return new self($box->heightM, $box->id, []);
    }

    /**
     * Every height there is, ascending; for plates that add up to the same, the fewest.
     *
     * @param  list<Box>  $boxes
     * @param  list<Plate>  $plates
     * @return non-empty-list<self>
     */
    public static function all(array $boxes, array $plates): array
    {
        $all = [self::floor(), ...array_map(self::onBox(...), $boxes), ...self::stacks($plates)];
        usort($all, static fn (self $a, self $b): int => $a->heightM <=> $b->heightM);

        return $all;
    }

    /**
     * @param  non-empty-list<self>  $heights
     */
    public static function nearest(array $heights, float $wantedM): self
    {
        $best = $heights[0];
        foreach ($heights as $height) {
            if (abs($height->heightM - $wantedM) < abs($best->heightM - $wantedM)) {
                $best = $height;
            }
        }

        return $best;
    }

    /**
     * Subset sums up to the highest stack (dynamic programming over tenths of a millimetre).
     *
     * @param  list<Plate>  $plates
     * @return list<self>
     */
    private static function stacks(array $plates): array
    {
        $reached = [0 => self::floor()];
        foreach ($plates as $plate) {
            $added = [];
            foreach ($reached as $stack) {
                $higher = new self($stack->heightM + $plate->thicknessM, null, [...$stack->plateIds, $plate->id]);
                $key = (int) round($higher->heightM * self::STEPS_PER_M);
                $isNew = ! isset($reached[$key]) || count($higher->plateIds) < count($reached[$key]->plateIds);
                if ($higher->heightM <= self::MOST_STACK_M + 1e-9 && $isNew && count($higher->plateIds) <= self::MOST_PLATES) {
                    $added[$key] = $higher;
                }
            }
            $reached = $added + $reached;
        }
        unset($reached[0]);

        return array_values($reached);
    }
}
