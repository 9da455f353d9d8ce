<?php

declare(strict_types=1);

namespace SteadyRung\Safety;

use SteadyRung\OutOfRange;

/**
 * The figures of the caps as a gym has them: lower than the usual at will, higher only where somebody answers for it (common practice).
 */
final readonly class CapLimits
{
    public const RANGES = [
        'lowerings_a_session' => [0.0, 60.0],
        'lowerings_a_week' => [0.0, 120.0],
        'hard_sets_first_month' => [0.0, 40.0],
        'hard_sets_later' => [0.0, 60.0],
    ];

    public function __construct(
        public int $loweringsASession = 15,
        public int $loweringsAWeek = 30,
        public int $hardSetsFirstMonth = 10,
        public int $hardSetsLater = 20,
    ) {
    }

    /**
     * @param  array<string, int|null>  $figures  by key; what is not named stays as usual
     *
     * @throws OutOfRange if a figure is outside, or a later one is under the one before it
     */
    public static function of(array $figures): self
    {
        $all = [];
        foreach ((new self)->figures() as $key => $usual) {
            $all[$key] = $figures[$key] ?? $usual;
        }
        OutOfRange::guard([
            'lowerings_a_session' => [$all['lowerings_a_session'], self::RANGES['lowerings_a_session']],
            'lowerings_a_week' => [$all['lowerings_a_week'], [(float) $all['lowerings_a_session'], self::RANGES['lowerings_a_week'][1]]],
            'hard_sets_first_month' => [$all['hard_sets_first_month'], self::RANGES['hard_sets_first_month']],
            'hard_sets_later' => [$all['hard_sets_later'], [(float) $all['hard_sets_first_month'], self::RANGES['hard_sets_later'][1]]],
        ]);

        return new self(...array_values($all));
    }

    /** @return array<string, int> by key */
    public function figures(): array
    {
        return [
            'lowerings_a_session' => $this->loweringsASession,
            'lowerings_a_week' => $this->loweringsAWeek,
            'hard_sets_first_month' => $this->hardSetsFirstMonth,
            'hard_sets_later' => $this->hardSetsLater,
        ];
    }

    /** @return array<string, int> those above the usual */
    public function raised(): array
    {
        $usual = (new self)->figures();

        return array_filter($this->figures(), static fn (int $figure, string $key): bool => $figure > $usual[$key], ARRAY_FILTER_USE_BOTH);
    }
}
