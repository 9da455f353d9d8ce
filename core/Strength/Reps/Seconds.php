<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Reps;

use SteadyRung\Exercise\ExecutionStyle;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Normal;
use SteadyRung\Setup\CarriedLoad;

/**
 * Controlled seconds to expect of a lowering or a hold, before the first one: what part of one's strength it asks, and how long
 * such a part is held. Wide, for nobody was measured: a hold or a lowering is stronger than a pull by a factor that is only
 * known roughly.
 */
final readonly class Seconds
{
    /** Holding over pulling (judgement), and letting down over pulling up (1.2–1.4; memory), with their standard deviations. */
    private const HOLDING = [1.15, 0.10];

    private const LOWERING = [1.30, 0.10];

    /** A first lowering is for who lasts so long with this chance. */
    public const FIRST_S = 3.0;

    public const FIRST_CHANCE = 0.8;

    /** Nobody is asked for less or for longer. */
    public const ASKED = ExecutionStyle::HOLD_S;

    public function __construct(public float $logPart, public float $sd)
    {
    }

    /**
     * Of a capacity (as an effective share) with its standard deviation in log; none for what is not timed, and none for hangs,
     * which the grip decides: they are predicted from the athlete's own hangs only.
     */
    public static function expected(float $capacityShare, float $capacitySdLog, ExecutionStyle $style, CarriedLoad $load): ?self
    {
        if (! $style->movement->isTimed() || $style->at?->isGrip() === true) {
            return null;
        }
        [$factor, $factorSd] = self::strengthOf($style->movement);
        $share = $load->effectiveShare();

        return new self(
            log($share / ($capacityShare * $factor)),
            sqrt($capacitySdLog ** 2 + ($factorSd / $factor) ** 2 + ($load->shareSd / $share) ** 2),
        );
    }

    /** @return array{float, float} strength in a timed movement over that in a pull, with its standard deviation */
    public static function strengthOf(Movement $timed): array
    {
        return $timed === Movement::Lowering ? self::LOWERING : self::HOLDING;
    }

    public function median(): float
    {
        return self::at($this->logPart);
    }

    public function low80(): float
    {
        return self::at($this->logPart + Normal::Z90 * $this->sd);
    }

    public function high80(): float
    {
        return self::at($this->logPart - Normal::Z90 * $this->sd);
    }

    /** Chance of at least so many seconds. */
    public function chanceOf(float $seconds): float
    {
        return Normal::cdf((log(Endurance::partFor($seconds)) - $this->logPart) / $this->sd);
    }

    /** Whether somebody may begin with it. */
    public function isControlled(): bool
    {
        return $this->chanceOf(self::FIRST_S) >= self::FIRST_CHANCE;
    }

    private static function at(float $logPart): float
    {
        return min(self::ASKED[1], Endurance::seconds(exp($logPart)));
    }
}
