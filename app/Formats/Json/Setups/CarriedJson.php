<?php

declare(strict_types=1);

namespace App\Formats\Json\Setups;

use App\Formats\Json\Why\WarningJson;
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
        #[OA\Property(description: 'Mean demand on the pull relative to a strict one; reps are predicted from it.')]
        public float $effective_share,
        #[OA\Property(description: 'How much more is asked at the top than at the bottom, relative to a strict pull.')]
        public float $shape,
        #[OA\Property]
        public float $rom_m,
        #[OA\Property(items: new OA\Items(ref: WarningJson::class))]
        public array $warnings,
        #[OA\Property(
            description: 'Lowest and highest share, where it can only be an interval.',
            items: new OA\Items(type: 'number'),
            minItems: 2,
            maxItems: 2,
        )]
        public ?array $share_range,
        #[OA\Property(description: 'row: coefficient of friction that the heels need.')]
        public ?float $friction,
        #[OA\Property(description: 'band: chance that it lifts the athlete off at the bottom.')]
        public ?float $lift_off,
        #[OA\Property(description: 'band: energy held at the hang.')]
        public ?float $recoil_j,
        #[OA\Property(description: 'band: how to get in.')]
        public ?MountJson $mount,
    ) {
    }

    public static function of(CarriedLoad $load): self
    {
        return new self(
            fits: true,
            carried_kg: new TravelJson(CarriedLoad::kg($load->bottomN), CarriedLoad::kg($load->meanN), CarriedLoad::kg($load->topN)),
            share: new TravelJson($load->shareOf($load->bottomN), $load->share(), $load->shareOf($load->topN)),
            share_sd: $load->shareSd,
            effective_share: $load->effectiveShare(),
            shape: $load->demand->shape,
            rom_m: $load->romM,
            warnings: array_map(WarningJson::of(...), $load->warnings),
            share_range: $load->shareRange,
            friction: $load->friction,
            lift_off: $load->hazard?->liftOff(),
            recoil_j: $load->hazard?->recoilJ,
            mount: $load->hazard === null
                ? null
                : new MountJson($load->hazard->mount->boxM, $load->hazard->mount->handKg, $load->hazard->mount->needsPartner()),
        );
    }
}
