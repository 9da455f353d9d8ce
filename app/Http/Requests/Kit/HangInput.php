<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Actions\Kit\BandParticulars;
use App\Devices\ScaleFault;
use App\Formats\JsonObject;
use OpenApi\Attributes as OA;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\OutOfRange;

/**
 * What somebody does to the simulated scale: pulls a band to a length, and whether the scale fails meanwhile.
 */
#[OA\Schema]
final readonly class HangInput
{
    private function __construct(
        #[OA\Property(ref: BandParticulars::class)]
        public LoopBand $band,
        #[OA\Property(minimum: 0.0, maximum: CalibrationPoint::LENGTH_M[1])]
        public float $length_m,
        #[OA\Property]
        public ScaleFault $fault = ScaleFault::None,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('band', 'length_m', 'fault');
        $lengthM = $json->number('length_m');
        $json->build(static fn () => OutOfRange::guard(['length_m' => [$lengthM, [0.0, CalibrationPoint::LENGTH_M[1]]]]));

        return new self(
            ReadBand::from($json->object('band'))->toCore(),
            $lengthM,
            $json->optionalChoice('fault', ScaleFault::class) ?? ScaleFault::None,
        );
    }

    /** @return list<string> */
    public function commands(): array
    {
        return [sprintf('FAULT %s', $this->fault->value), sprintf('HANG %.3f', min(9999.0, $this->band->law->forceN($this->length_m)))];
    }
}
