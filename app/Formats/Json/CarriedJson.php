<?php

declare(strict_types=1);

namespace App\Formats\Json;

use OpenApi\Attributes as OA;
use SteadyRung\Setup\CarriedLoad;

/**
 * What the arms carry in a set-up that fits.
 */
#[OA\Schema]
final readonly class CarriedJson
{
    /**
     * @param  list<WarningJson>  $warnings
     * @param  array{float, float}|null  $share_range
     */
    public function __construct(
        #[OA\Property]
        public bool $fits,
        #[OA\Property]
        public TravelJson $carried_kg,
        #[OA\Property]
        public TravelJson $share,
        #[OA\Property(description: 'Standard deviation of the mean share.')]
        public float $share_sd,
        #[OA\Property(description: 'Mean share on the way up, hysteresis taken off the help.')]
        public float $ascent_share,
        #[OA\Property]
        public float $rom_m,
        #[OA\Property(items: new OA\Items(ref: WarningJson::class))]
        public array $warnings,
        #[OA\Property(description: 'Lowest and highest share, where it can only be an interval.', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)]
        public ?array $share_range,
    ) {
    }

    public static function of(CarriedLoad $load): self
    {
        return new self(
            true,
            new TravelJson(CarriedLoad::kg($load->bottomN), CarriedLoad::kg($load->meanN), CarriedLoad::kg($load->topN)),
            new TravelJson($load->shareOf($load->bottomN), $load->share(), $load->shareOf($load->topN)),
            $load->shareSd,
            $load->ascentShare(),
            $load->romM,
            array_map(WarningJson::of(...), $load->warnings),
            $load->shareRange,
        );
    }
}
