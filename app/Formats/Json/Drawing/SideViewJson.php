<?php

declare(strict_types=1);

namespace App\Formats\Json\Drawing;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\SideView;

/**
 * A set-up seen from the side, to scale, in m.
 */
#[OA\Schema]
final readonly class SideViewJson
{
    /**
     * @param  list<LineJson>  $gear
     * @param  list<DimensionJson>  $dimensions
     */
    public function __construct(
        #[OA\Property]
        public StickJson $start,
        #[OA\Property]
        public ?StickJson $finish,
        #[OA\Property(items: new OA\Items(ref: LineJson::class))]
        public array $gear,
        #[OA\Property(items: new OA\Items(ref: DimensionJson::class))]
        public array $dimensions,
        #[OA\Property(description: 'Lower left corner of all that is drawn.')]
        public SpotJson $least,
        #[OA\Property(description: 'Upper right corner.')]
        public SpotJson $most,
    ) {
    }

    public static function of(SideView $view): self
    {
        [$least, $most] = $view->bounds();

        return new self(
            StickJson::of($view->start),
            $view->finish === null ? null : StickJson::of($view->finish),
            array_map(LineJson::of(...), $view->gear),
            array_map(DimensionJson::of(...), $view->dimensions),
            SpotJson::of($least),
            SpotJson::of($most),
        );
    }
}
