<?php

declare(strict_types=1);

namespace SteadyRung\Simulation\Drawn;

/**
 * A body going from one height to another, or staying: by the smoothest of ways (Flash & Hogan 1985), or by falling and being caught.
 */
final readonly class DrawnMove
{
    /** So much of a fall is free; the rest is the catch. */
    private const FALLEN = 0.72;

    /** A smooth way passes 5 and 95 % of itself at this part of its time and so much before its end. */
    public const EDGE = 0.1893;

    private function __construct(public float $lastsS, public float $fromM, public float $toM, private bool $falls)
    {
    }

    public static function smooth(float $lastsS, float $fromM, float $toM): self
    {
        return new self($lastsS, $fromM, $toM, false);
    }

    public static function stay(float $lastsS, float $atM): self
    {
        return new self($lastsS, $atM, $atM, false);
    }

    public static function fall(float $lastsS, float $fromM, float $toM): self
    {
        return new self($lastsS, $fromM, $toM, true);
    }

    public function heightM(float $atS): float
    {
        $t = max(0.0, min(1.0, $atS / $this->lastsS));

        return $this->fromM + ($this->toM - $this->fromM) * ($this->falls ? self::fallen($t) : $t ** 3 * (10.0 - 15.0 * $t + 6.0 * $t * $t));
    }

    /** In m/s². */
    public function acceleration(float $atS): float
    {
        $t = max(0.0, min(1.0, $atS / $this->lastsS));
        $way = ($this->toM - $this->fromM) / $this->lastsS ** 2;

        return $this->falls ? $way * self::fallenSecond($t) : $way * 60.0 * $t * (1.0 - 3.0 * $t + 2.0 * $t * $t);
    }

    /** @return array{float, float} when it passes 5 and 95 % of itself */
    public function edgesS(): array
    {
        return $this->falls
            ? [$this->lastsS * sqrt(0.05 * self::FALLEN), $this->lastsS * (1.0 - sqrt(0.05 * (1.0 - self::FALLEN)))]
            : [$this->lastsS * self::EDGE, $this->lastsS * (1.0 - self::EDGE)];
    }

    /** Gains speed evenly, then loses it evenly. */
    private static function fallen(float $t): float
    {
        return $t < self::FALLEN ? $t * $t / self::FALLEN : 1.0 - (1.0 - $t) ** 2 / (1.0 - self::FALLEN);
    }

    private static function fallenSecond(float $t): float
    {
        return $t < self::FALLEN ? 2.0 / self::FALLEN : -2.0 / (1.0 - self::FALLEN);
    }
}
