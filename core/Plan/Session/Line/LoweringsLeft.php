<?php

declare(strict_types=1);

namespace SteadyRung\Plan\Session\Line;

use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Safety\Caps;

/**
 * Counted lowerings that the caps and the house's days of lowering leave, today and this week.
 */
final readonly class LoweringsLeft
{
    private function __construct(
        public int $today,
        public int $thisWeek,
        public Caps $caps,
        private int $daysDone,
        private bool $areDaysFull,
    ) {
    }

    public static function of(AthleteContext $context): self
    {
        $diary = $context->diary;
        $caps = $context->caps();
        $days = count($diary->loweringDays($context->today - 1));
        $areDaysFull = $days >= $context->rules->loweringDays();
        $week = max(0, $caps->loweringsAWeek - $diary->loweringsThisWeek($context->today, $context->brakedHops()));

        return new self(
            $areDaysFull
                ? 0
                : max(
                    0,
                    min($week, $caps->loweringsASession - $diary->lowerings($context->today, $context->today, $context->brakedHops())),
                ),
            $week,
            $caps,
            $days,
            $areDaysFull,
        );
    }

    /** Why none is left today. */
    public function full(): string
    {
        return match (true) {
            $this->areDaysFull && $this->daysDone === 0 => 'the house never does it',
            $this->areDaysFull => sprintf(
                '%s this week already, as the house rule says',
                $this->daysDone === 1 ? 'one day' : "$this->daysDone days",
            ),
            $this->thisWeek === 0 => sprintf('%d a week are the cap', $this->caps->loweringsAWeek),
            default => sprintf('%d a session are the cap', $this->caps->loweringsASession),
        };
    }

    /** @return array{int, Amount} as much as is left */
    public static function fit(int $sets, Amount $amount, int $left): array
    {
        if ($amount->measure === Measure::TotalReps) {
            return [$sets, $amount->atMost($left)];
        }
        $sets = $amount->low * $sets <= $left ? $sets : min($sets, (int) ceil($left / $amount->high));

        return [$sets, $amount->atMost(max(1, intdiv($left, $sets)))];
    }
}
