<?php

declare(strict_types=1);

namespace App\Devices;

use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Kit\Scale\ScaleReading;

/**
 * A hanging scale that is not there: it follows what is hung on it with lag, noise and drift, and can fail in the ways
 * real ones do. Time is passed in.
 */
final class SimulatedScale
{
    public const EVERY_MS = 100;

    private const KEPT_MS = 3000;

    private const LAG_MS = 250.0;

    private const NOISE_N = 0.25;

    private const DRIFT_N_PER_STEP = 0.02;

    /** Drift wanders but comes back: about half a newton either way. */
    private const DRIFT_KEPT = 0.9992;

    private const JUMP_N = 140.0;

    private readonly Randomizer $random;

    private float $hungN = 0.0;

    private float $shownN = 0.0;

    private float $driftN = 0.0;

    private float $zeroN = 0.0;

    private int $number = 0;

    private ScaleFault $fault = ScaleFault::None;

    /** @var list<ScaleReading> */
    private array $kept = [];

    public function __construct(int $seed = 1)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    public function hang(float $forceN): void
    {
        $this->hungN = $forceN;
    }

    public function zero(): void
    {
        $this->zeroN = $this->shownN + $this->driftN;
    }

    public function failAs(ScaleFault $fault): void
    {
        $this->fault = $fault;
    }

    /** The next reading at a moment; none while it is silent, the last one again while it repeats itself. */
    public function next(int $atMs): ?ScaleReading
    {
        $this->shownN += ($this->hungN - $this->shownN) * (1.0 - exp(-self::EVERY_MS / self::LAG_MS));
        $this->driftN = self::DRIFT_KEPT * $this->driftN + self::DRIFT_N_PER_STEP * $this->gauss();
        $last = end($this->kept);
        if ($this->fault === ScaleFault::Silent) {
            return null;
        }
        if ($this->fault === ScaleFault::Repeat && $last !== false) {
            return $this->keep($last, $atMs);
        }
        $jump = $this->fault === ScaleFault::Jump && $this->random->getInt(0, 2) === 0 ? self::JUMP_N : 0.0;

        return $this->keep(
            new ScaleReading(
                ++$this->number,
                $atMs,
                round($this->shownN + $this->driftN - $this->zeroN + self::NOISE_N * $this->gauss() + $jump, 2),
            ),
            $atMs,
        );
    }

    /** @return list<ScaleReading> of the last three seconds, in the order they were sent */
    public function kept(): array
    {
        return $this->kept;
    }

    private function keep(ScaleReading $reading, int $atMs): ScaleReading
    {
        $this->kept = array_slice([...$this->kept, $reading], -intdiv(self::KEPT_MS, self::EVERY_MS));

        return $reading;
    }

    /** Box & Muller 1958. */
    private function gauss(): float
    {
        $uniform = fn (): float => $this->random->getInt(1, 1 << 30) / (1 << 30);

        return sqrt(-2.0 * log($uniform())) * cos(2.0 * M_PI * $uniform());
    }
}
