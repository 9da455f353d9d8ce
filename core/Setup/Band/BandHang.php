<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Body\Body;
use SteadyRung\Body\Proportions;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Travel;

/**
 * The bands of a set-up as a body stretches them.
 */
final readonly class BandHang
{
    /** Under the knee the loop lies below the joint, this part of stature over the sole. */
    private const KNEE_LOOP = 0.255;

    /** @param  non-empty-list<BandPath>  $paths one for each band */
    private function __construct(public array $paths)
    {
    }

    /** @param  non-empty-list<AttachedBand>  $bands */
    public static function of(float $barHeightM, float $clearanceM, array $bands, Body $body): self|DoesNotFit
    {
        $kneeLengthM = $body->reachM - $body->heightM(Proportions::KNEE_HEIGHT);
        if ($barHeightM - $clearanceM < $kneeLengthM) {
            return DoesNotFit::barTooLow($barHeightM, $kneeLengthM + $clearanceM);
        }
        $hang = self::lengths($barHeightM, $clearanceM, $bands, $body);
        foreach ($hang->paths as $path) {
            $misfit = DoesNotFit::ofBand($path->band, $path->bottomM);
            if ($misfit !== null) {
                return $misfit;
            }
        }

        return $hang;
    }

    /**
     * The lengths whether or not they fit: foot L = R, limited by the bar (then the knees bend); knee L = R − 0.255·H.
     *
     * @param  non-empty-list<AttachedBand>  $bands
     */
    public static function lengths(float $barHeightM, float $clearanceM, array $bands, Body $body): self
    {
        $romM = $body->pullDistanceM();

        return new self(array_map(static function (AttachedBand $attached) use ($barHeightM, $clearanceM, $body, $romM): BandPath {
            $wantedM = $attached->attach === Attach::Foot ? $body->reachM : $body->reachM - $body->heightM(self::KNEE_LOOP);
            $bottomM = min($wantedM, $barHeightM - $clearanceM);

            return new BandPath($attached->band, $attached->attach, $bottomM, $bottomM - $romM, $wantedM - $bottomM);
        }, $bands));
    }

    /** The same over a part of the way. */
    public function over(Travel $travel): self
    {
        return $travel === Travel::Whole
            ? $this
            : new self(array_map(static fn (BandPath $p): BandPath => $p->over($travel), $this->paths));
    }

    public function bottomN(): float
    {
        return $this->sum(static fn (BandPath $p): float => $p->band->law->forceN($p->bottomM));
    }

    public function topN(): float
    {
        return $this->sum(static fn (BandPath $p): float => $p->band->law->forceN($p->topM));
    }

    /** Work the bands give over the pull, divided by its length, in N; moved by so many metres further down. */
    public function meanHelpN(float $byM = 0.0): float
    {
        return $this->sum(static fn (BandPath $p): float => $p->meanHelpN($byM));
    }

    /** Energy held at the hang in J. */
    public function storedJ(): float
    {
        return $this->sum(static fn (BandPath $p): float => $p->band->law->workJ($p->band->hungLengthM(), $p->bottomM));
    }

    public function kneesBendByM(): float
    {
        return max(array_map(static fn (BandPath $p): float => $p->kneesBendByM, $this->paths));
    }

    /** Standard deviation of the mean help in N that comes from the curves; errors of several bands are independent. */
    public function curveSdN(): float
    {
        return sqrt($this->sum(static fn (BandPath $p): float => $p->curveSdN() ** 2));
    }

    /** Standard deviation of the help at the bottom in N. */
    public function bottomSdN(): float
    {
        return sqrt($this->sum(static fn (BandPath $p): float => $p->band->sdNAt($p->bottomM) ** 2));
    }

    /** @param  \Closure(BandPath): float  $of */
    private function sum(\Closure $of): float
    {
        return array_sum(array_map($of, $this->paths));
    }
}
