<?php

declare(strict_types=1);

namespace SteadyRung\Strength\Filter;

use SteadyRung\Exercise\Rung;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\Band\AttachedBand;
use SteadyRung\Setup\Band\BandHelp;
use SteadyRung\Setup\Band\BandPullDown;

/**
 * The load reps are done on: its effective share of bodyweight with what is not known of it. The error of a set-up that has a key is
 * the same each time it is used; of one without, new each time.
 */
final readonly class FeltLoad
{
    public const SHARE = [0.01, 5.0];

    public const SHARE_SD = [0.0, 1.0];

    public const SHAPE = [-2.0, 2.0];

    /** Of what a band gives, or takes (prototypes). */
    private const LEAST_BAND_SD = 0.04;

    private function __construct(public float $share, public float $shareSd, public ?string $key, public float $shape)
    {
    }

    /**
     * @param  float  $share  effective share, 0.01–5
     * @param  float  $shareSd  0–1
     * @param  float  $shape  how much more it asks at the top than at the bottom, −2 to 2
     *
     * @throws OutOfRange if a figure is outside
     */
    public static function of(float $share, float $shareSd = 0.0, ?string $key = null, float $shape = 0.0): self
    {
        OutOfRange::guard([
            'load_share' => [$share, self::SHARE],
            'load_sd_share' => [$shareSd, self::SHARE_SD],
            'shape' => [$shape, self::SHAPE],
        ]);

        return new self($share, $shareSd, $key, $shape);
    }

    public static function ofRung(Rung $rung): self
    {
        return self::of($rung->load->effectiveShare(), self::believedSd($rung), self::keyOf($rung), $rung->load->demand->shape);
    }

    /** Of bands no better than hitch, wear and warmth let it be, however well they were measured. */
    private static function believedSd(Rung $rung): float
    {
        $helps = $rung->setup instanceof BandHelp ? max(0.0, 1.0 - $rung->share()) : ($rung->setup instanceof BandPullDown ? $rung->share() : 0.0);

        return max($rung->load->shareSd, self::LEAST_BAND_SD * $helps);
    }

    /** The same wherever the same work is done, for as long as its bands are measured as they are. */
    private static function keyOf(Rung $rung): string
    {
        $bands = match (true) {
            $rung->setup instanceof BandHelp => array_map(static fn (AttachedBand $b): string => $b->band->stamp(), $rung->setup->bands),
            $rung->setup instanceof BandPullDown => array_map(static fn (LoopBand $b): string => $b->stamp(), $rung->setup->bands),
            default => [],
        };

        return implode('#', [$rung->exercise->work(), ...$bands]);
    }

    /** Standard deviation of the log of the load. */
    public function sdLog(): float
    {
        return $this->shareSd / $this->share;
    }

    /** The key of an error that stays; none where nothing is unsure. */
    public function lastingKey(): ?string
    {
        return $this->shareSd > 0.0 ? $this->key : null;
    }
}
