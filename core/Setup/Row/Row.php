<?php

declare(strict_types=1);

namespace SteadyRung\Setup\Row;

use SteadyRung\Body\Body;
use SteadyRung\Drawing\SideView;
use SteadyRung\Kit\GearClash;
use SteadyRung\Kit\RingPair;
use SteadyRung\OutOfRange;
use SteadyRung\Setup\CarriedLoad;
use SteadyRung\Setup\Demand;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Setup\Setup;
use SteadyRung\Setup\Travel;
use SteadyRung\Setup\Warning;
use SteadyRung\Setup\WarningCode;
use SteadyRung\Why\Explanation;

/**
 * A row on rings, straps or a low bar: the straight body turns about the heels. Anchor over x = 0; the heel mark is
 * positive past the plumb line, on the side away from the head. A bar in a rack is an anchor with no strap.
 */
final readonly class Row implements Setup
{
    public const ANCHOR_HEIGHT_M = [0.5, 6.0];

    public const STRAP_M = RingPair::STRAP_M;

    public const HEEL_MARK_M = [-3.0, 3.0];

    public const HEEL_HEIGHT_M = [0.0, 1.5];

    public const ADDED_KG = [0.0, 100.0];

    /** What is left over of the rigid rod against measured rows: this and this much more of the share (Melrose & Dawes 2015; memory). */
    private const MODEL_SD = [0.02, 0.06];

    private function __construct(
        public float $anchorHeightM,
        public float $strapM,
        public float $heelMarkM,
        public float $heelHeightM,
        public Heeling $heeling,
        public float $addedKg,
    ) {
    }

    /**
     * Heels at a mark within 3 m of the plumb line, 0–1.5 m high, under an anchor 0.5–6 m high with a strap of 0–5 m, in a vest of
     * 0–100 kg.
     *
     * @throws OutOfRange if a figure is outside its range
     * @throws GearClash if the strap hangs to the floor or the heels are not below the anchor
     */
    public static function of(
        float $anchorHeightM,
        float $strapM,
        float $heelMarkM,
        float $heelHeightM = 0.0,
        Heeling $heeling = new Heeling,
        float $addedKg = 0.0,
    ): self {
        OutOfRange::guard([
            'anchor_height_m' => [$anchorHeightM, self::ANCHOR_HEIGHT_M],
            'strap_m' => [$strapM, self::STRAP_M],
            'heel_mark_m' => [$heelMarkM, self::HEEL_MARK_M],
            'heel_height_m' => [$heelHeightM, self::HEEL_HEIGHT_M],
            'added_kg' => [$addedKg, self::ADDED_KG],
        ]);
        if ($strapM > $anchorHeightM - RingPair::LEAST_OVER_FLOOR_M) {
            throw GearClash::strapTooLong($strapM, $anchorHeightM, RingPair::LEAST_OVER_FLOOR_M);
        }
        if ($heelHeightM >= $anchorHeightM) {
            throw GearClash::heelsAboveAnchor($heelHeightM, $anchorHeightM);
        }

        return new self($anchorHeightM, $strapM, $heelMarkM, $heelHeightM, $heeling, $addedKg);
    }

    public function withHeelMark(float $heelMarkM): self
    {
        return new self($this->anchorHeightM, $this->strapM, $heelMarkM, $this->heelHeightM, $this->heeling, $this->addedKg);
    }

    public function carriedBy(Body $body, Travel $travel = Travel::Whole): CarriedLoad|DoesNotFit
    {
        $path = $this->path($body);
        if ($path instanceof DoesNotFit) {
            return $path;
        }
        $friction = $path->friction();
        $share = $path->meanShare($travel);
        $other = $this->heeling->knees === Knees::Bent ? $path->meanShareLegsOut($travel) : $share;
        $range = [min($share, $other), max($share, $other)];
        $mean = ($range[0] + $range[1]) / 2.0;
        $scale = $mean / $share * $body->weightN();
        [$bottomN, $meanN, $topN] = [
            $path->at($travel->span()[0])->share * $scale,
            $mean * $body->weightN(),
            $path->at($travel->span()[1])->share * $scale,
        ];

        return new CarriedLoad(
            weightN: $body->weightN(),
            bottomN: $bottomN,
            meanN: $meanN,
            topN: $topN,
            demand: Demand::asCarried($body->weightN(), $bottomN, $meanN, $topN),
            shareSd: sqrt(
                (self::MODEL_SD[0] + self::MODEL_SD[1] * $mean) ** 2 + $this->reachSd(
                    $body,
                    $travel === Travel::Whole ? $share : $path->meanShare(),
                ) ** 2 + ($range[1] - $range[0]) ** 2 / 12.0,
            ),
            romM: $travel->length() * $path->travelM,
            warnings: $this->warnings($path, $friction),
            shareRange: $this->heeling->knees === Knees::Bent ? $range : null,
            friction: $friction,
        );
    }

    /** The way of the body as the legs are kept. */
    public function path(Body $body): RowPath|DoesNotFit
    {
        return $this->heeling->knees === Knees::Bent ? RowPath::fromKnees($this->stand(), $body) : RowPath::of($this->stand(), $body);
    }

    public function why(Body $body): Explanation
    {
        $load = $this->carriedBy($body);
        $path = $this->path($body);

        return $load instanceof DoesNotFit || $path instanceof DoesNotFit
            ? new Explanation([], [($load instanceof DoesNotFit ? $load : $path)->reason])
            : RowWhy::of($path, $load, $body);
    }

    public function sideView(Body $body): SideView
    {
        $path = $this->path($body);
        assert($path instanceof RowPath);

        return RowView::of($path, $this->stand(), $this->heeling, $body);
    }

    private function stand(): RowStand
    {
        return new RowStand($this->anchorHeightM, $this->strapM, $this->heelMarkM, $this->heelHeightM, $this->addedKg);
    }

    /** @return list<Warning> */
    private function warnings(RowPath $path, float $friction): array
    {
        $start = $path->at(0.0);

        return array_values(array_filter([
            $this->heeling->warning($friction),
            $this->heelHeightM > $start->shoulder()->yM
                ? new Warning(
                    WarningCode::HeelsHigh,
                    'The heels lie above the shoulders: blood goes to the head, and a slip is a fall. A lower box does.',
                )
                : null,
        ]));
    }

    private function reachSd(Body $body, float $share): float
    {
        foreach ([1.0, -1.0] as $way) {
            $path = $this->path($body->withReach($body->reachM + $way * $body->reachSdM()));
            if ($path instanceof RowPath) {
                return abs($path->meanShare() - $share);
            }
        }

        return 0.0;
    }
}
