<?php

declare(strict_types=1);

namespace App\Formats\Json\Kit;

use App\Formats\Json\Why\WarningJson;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\BandDoubt;
use SteadyRung\Kit\Band\CurveStatus;
use SteadyRung\Kit\Band\LoopBand;

/**
 * The curve of a band, from its hung length to the most it may be stretched.
 */
#[OA\Schema]
final readonly class BandCurveJson
{
    private const SLICES = 40;

    /**
     * @param  list<CurvePointJson>  $curve
     * @param  list<WarningJson>  $doubts
     */
    public function __construct(
        #[OA\Property]
        public float $a1_n,
        #[OA\Property]
        public float $a2_n,
        #[OA\Property]
        public CurveStatus $status,
        #[OA\Property(description: 'Standard deviation of the force at twice the hung length, as a part of it.')]
        public float $relative_sd,
        #[OA\Property(items: new OA\Items(ref: CurvePointJson::class))]
        public array $curve,
        #[OA\Property(description: 'What about the readings asks for a second look.', items: new OA\Items(ref: WarningJson::class))]
        public array $doubts,
    ) {
    }

    public static function of(LoopBand $band): self
    {
        return new self($band->law->a1N, $band->law->a2N, $band->status, $band->relativeSd(), array_map(
            static function (int $i) use ($band): CurvePointJson {
                $lengthM = $band->hungLengthM() * (1.0 + (LoopBand::MOST_STRETCH - 1.0) * $i / self::SLICES);
                $forceN = $band->law->forceN($lengthM);
                $sdN = $band->sdNAt($lengthM);

                return CurvePointJson::of($lengthM, $forceN, $sdN);
            },
            range(0, self::SLICES),
        ), array_map(static fn (BandDoubt $d): WarningJson => new WarningJson($d->code->value, $d->text), BandDoubt::about($band)));
    }
}
