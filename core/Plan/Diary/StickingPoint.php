<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Diary;

use SteadyRung\Exercise\Rung;

/**
 * Where on the way up an athlete’s pull fails: at the start, in the middle or at the top, as it was told of the last sessions.
 */
final readonly class StickingPoint
{
    private const DAYS = 28;

    /** Told so often, and no other place as often. */
    private const LEAST = 2;

    /** A load that differs less between its ends is even. */
    private const EVEN = 0.03;

    private function __construct(public LimitingFactor $place)
    {
    }

    /** None where it was not told, or is not clear. */
    public static function of(Diary $diary, int $today): ?self
    {
        $told = [];
        foreach ($diary->signals as $signal) {
            $place = $signal->limitingFactor;
            if ($signal->day > $today - self::DAYS && in_array($place, [LimitingFactor::Start, LimitingFactor::Middle, LimitingFactor::Top], true)) {
                $told[$place->value] = ($told[$place->value] ?? 0) + 1;
            }
        }
        $most = $told === [] ? 0 : max($told);
        $places = array_keys($told, $most, true);

        return $most >= self::LEAST && count($places) === 1 ? new self(LimitingFactor::from($places[0])) : null;
    }

    /** What the arms carry there, against the mean of the way: under 1 the help lies where the pull fails. */
    public function carries(Rung $rung): float
    {
        [$start, $middle, $top] = self::shares($rung);

        return match ($this->place) {
            LimitingFactor::Start => $start,
            LimitingFactor::Top => $top,
            default => $middle,
        } / $rung->share();
    }

    /** The shares along the way in one line; none where they are even. */
    public function words(Rung $rung): ?string
    {
        $shares = self::shares($rung);

        return max($shares) - min($shares) < self::EVEN ? null : sprintf(
            'The pull fails %s. This carries %.0f %% at the start, %.0f %% in the middle, %.0f %% at the top.',
            match ($this->place) {
                LimitingFactor::Start => 'at the start',
                LimitingFactor::Top => 'at the top',
                default => 'in the middle',
            },
            100.0 * $shares[0],
            100.0 * $shares[1],
            100.0 * $shares[2],
        );
    }

    /** @return array{float, float, float} at the start, in the middle by Simpson’s rule from the mean and the ends, at the top */
    private static function shares(Rung $rung): array
    {
        $load = $rung->load;
        $middleN = (6.0 * $load->meanN - $load->bottomN - $load->topN) / 4.0;

        return array_map(static fn (float $n): float => $n / $load->weightN, [$load->bottomN, $middleN, $load->topN]);
    }
}
