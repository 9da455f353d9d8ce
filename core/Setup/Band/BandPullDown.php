<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Band;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\Dimension;
use SteadyRung\Drawing\DrawnPart;
use SteadyRung\Drawing\Line;
use SteadyRung\Drawing\Point;
use SteadyRung\Drawing\SideView;
use SteadyRung\Kit\Band\CurveStatus;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\HangView;
use SteadyRung\Setup\Row\Row;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Stack\PullDown;
use SteadyRung\Setup\Stack\Stance;
use SteadyRung\Setup\Travel;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Why\Explanation;
use SteadyRung\Why\Step;

/**
 * Bands pulled down from an anchor overhead, seated or kneeling: the load rises through the pull, and a thicker band is harder.
 */
final readonly class BandPullDown implements Setup
{
    public const ANCHOR_HEIGHT_M = Row::ANCHOR_HEIGHT_M;

    /** @param  non-empty-list<LoopBand>  $bands */
    private function __construct(public float $anchorHeightM, public array $bands, public Stance $stance)
    {
    }

    /**
     * One to six bands on an anchor 0.5–6 m high.
     *
     * @param  list<LoopBand>  $bands
     *
     * @throws OutOfRange if the anchor or the number of bands is outside its range
     */
    public static function of(float $anchorHeightM, array $bands, Stance $stance = Stance::Kneeling): self
    {
        OutOfRange::guard([
            'anchor_height_m' => [$anchorHeightM, self::ANCHOR_HEIGHT_M],
            'bands' => [count($bands), [1.0, (float) BandHelp::MOST_BANDS]],
        ]);
        assert($bands !== []);

        return new self($anchorHeightM, $bands, $stance);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        [$startM, $endM] = $this->lengthsM($body);
        foreach ($this->bands as $band) {
            $misfit = DoesNotFit::ofBand($band, $endM);
            if ($misfit !== null) {
                return $misfit;
            }
        }
        $endN = $this->sum(static fn (LoopBand $b): float => $b->law->forceN($endM));
        if ($endN > $body->weightN()) {
            return DoesNotFit::stackLifts(CarriedLoad::kg($endN), $body->massKg);
        }
        $sdN = sqrt($this->sum(static fn (LoopBand $b): float => $b->sdNAt(($startM + $endM) / 2.0) ** 2));
        $meanN = $this->sum(static fn (LoopBand $b): float => $b->law->workJ($startM, $endM)) / ($endM - $startM);

        return PullDown::load(
            $body,
            [$this->sum(static fn (LoopBand $b): float => $b->law->forceN($startM)), $meanN, $endN],
            $sdN / $body->weightN(),
            $this->warnings($endM),
        );
    }

    public function why(Body $body): Explanation
    {
        $load = $this->carriedBy($body);
        if ($load instanceof DoesNotFit) {
            return new Explanation([], [$load->reason]);
        }
        [$startM, $endM] = $this->lengthsM($body);

        return new Explanation([
            new Step('Band at the start', 'anchor − hands, arms straight', $startM, 'm'),
            new Step('Band at the end', 'and pulled down by the pull distance', $endM, 'm'),
            new Step('Pulled, start', 'the curve of the band', CarriedLoad::kg($load->bottomN), 'kg', 'Mooney 1940, Rivlin 1948'),
            new Step('Pulled, end', 'the curve of the band', CarriedLoad::kg($load->topN), 'kg'),
            new Step('Pulled, mean', 'work over the pull ÷ pull distance', CarriedLoad::kg($load->meanN), 'kg', 'closed form of the curve'),
            new Step('Share', 'pulled ÷ bodyweight', 100 * $load->share(), '%'),
        ], [
            sprintf('Share ± %.1f points from the band curve.', 100 * $load->shareSd),
            'A pull-down does not transfer to pull-ups one to one: it has a capacity of its own.',
        ]);
    }

    public function sideView(Body $body): SideView
    {
        $hands = new Point(0.0, $this->stance->handsM($body));
        $end = $hands->plus(0.0, -$body->pullDistanceM());
        $anchor = new Point(0.0, $this->anchorHeightM);

        return new SideView($this->stance->figure($body, $hands), null, [
            ...$this->stance->furniture(),
            HangView::bar($anchor),
            ...array_map(static fn (LoopBand $b): Line => new Line(DrawnPart::Band, [$anchor, $hands], $b->widthMm / 1000.0), $this->bands),
            ...array_map(
                static fn (LoopBand $b): Line => new Line(DrawnPart::Band, [$anchor, $end], $b->widthMm / 1000.0, atTop: true),
                $this->bands,
            ),
        ], [HangView::barHeight($anchor), Dimension::length('band, start', $anchor->plus(0.5, 0.0), $hands->plus(0.5, 0.0))]);
    }

    /** @return array{float, float} of the bands, with the arms straight and pulled down */
    private function lengthsM(Body $body): array
    {
        $startM = $this->anchorHeightM - $this->stance->handsM($body);

        return [$startM, $startM + $body->pullDistanceM()];
    }

    /** @return list<Warning> */
    private function warnings(float $endM): array
    {
        $warnings = [];
        foreach ($this->bands as $band) {
            if ($endM / $band->hungLengthM() > LoopBand::WARN_STRETCH) {
                $warnings[] = new Warning(
                    WarningCode::StretchHigh,
                    sprintf(
                        'Band %s is stretched to %.1f times its hung length; over %.1f wears it fast.',
                        $band->name,
                        $endM / $band->hungLengthM(),
                        LoopBand::WARN_STRETCH,
                    ),
                );
            }
            if ($band->status === CurveStatus::Estimated) {
                $warnings[] = Warning::estimated($band);
            }
        }

        return $warnings;
    }

    /** @param  \Closure(LoopBand): float  $of */
    private function sum(\Closure $of): float
    {
        return array_sum(array_map($of, $this->bands));
    }
}
