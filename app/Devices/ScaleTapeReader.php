<?php

declare(strict_types=1);

namespace App\Devices;

use SteadyRung\Gravity;
use SteadyRung\Kit\Scale\ScaleReading;

/**
 * Reads the lines of a scale into a tape; lines it cannot read are passed over.
 */
final class ScaleTapeReader
{
    private const HEADER = '/^STEADY-SCALE 1( simulated)? NOW (\d{1,15})$/';

    private const READING = '/^R (\d{1,12}) (\d{1,15}) (-?\d{1,6}(?:\.\d{1,6})?) (N|kg)$/';

    private bool $simulated = false;

    private bool $complete = false;

    private ?int $nowMs = null;

    /** @var list<ScaleReading> */
    private array $readings = [];

    public function take(string $line): void
    {
        $line = trim($line);
        if (preg_match(self::HEADER, $line, $m) === 1) {
            $this->simulated = $m[1] !== '';
            $this->nowMs = (int) $m[2];
        } elseif (preg_match(self::READING, $line, $m) === 1) {
            $this->readings[] = new ScaleReading((int) $m[1], (int) $m[2], (float) $m[3] * ($m[4] === 'kg' ? Gravity::M_PER_S2 : 1.0));
        } elseif ($line === 'LIVE') {
            $this->complete = true;
        }
    }

    public function isComplete(): bool
    {
        return $this->complete;
    }

    public function count(): int
    {
        return count($this->readings);
    }

    /** None where no header came: whatever answered is no scale. */
    public function tape(): ?ScaleTape
    {
        return $this->nowMs === null ? null : new ScaleTape($this->simulated, $this->nowMs, $this->readings);
    }
}
