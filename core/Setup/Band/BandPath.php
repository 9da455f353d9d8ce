<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Setup\Travel;

/**
 * The lengths one band is pulled to, bar to foot or knee: at the hang (bottom) and with the chin at the bar (top), in m.
 */
final readonly class BandPath
{
    private const SD_SLICES = 4;

    public function __construct(
        public LoopBand $band,
        public Attach $attach,
        public float $bottomM,
        public float $topM,
        public float $kneesBendByM,
    ) {
    }

    /** Stretch at the hang. */
    public function stretch(): float
    {
        return $this->bottomM / $this->band->hungLengthM();
    }

    /** The same over a part of the way. */
    public function over(Travel $travel): self
    {
        [$from, $to] = $travel->span();
        $romM = $this->bottomM - $this->topM;

        return new self($this->band, $this->attach, $this->bottomM - $from * $romM, $this->bottomM - $to * $romM, $this->kneesBendByM);
    }

    /** Work given over the pull, divided by its length, in N; the force, where nothing moves. */
    public function meanHelpN(float $byM = 0.0): float
    {
        $wayM = $this->bottomM - $this->topM;

        return $wayM > 0.0
            ? $this->band->law->workJ($this->topM + $byM, $this->bottomM + $byM) / $wayM
            : $this->band->law->forceN($this->bottomM + $byM);
    }

    /** Standard deviation in N of the mean help that comes from the curve. */
    public function curveSdN(): float
    {
        $sum = 0.0;
        for ($i = 0; $i < self::SD_SLICES; $i++) {
            $sum += $this->band->sdNAt($this->topM + ($this->bottomM - $this->topM) * ($i + 0.5) / self::SD_SLICES);
        }

        return $sum / self::SD_SLICES;
    }
}
