<?php

declare(strict_types=1);

namespace App\Formats\CoreJson;

use OpenApi\Attributes as OA;
use SteadyRung\Drawing\SideView;

/**
 * A set-up seen from the side, to scale, in m.
 */
#[OA\Schema]
final readonly class SideViewAnswer
{
    /**
     * @param  list<LineAnswer>  $gear
     * @param  list<DimensionAnswer>  $dimensions
     */
    public function __construct(
        #[OA\Property]
        public StickAnswer $start,
        #[OA\Property]
        public ?StickAnswer $finish,
        #[OA\Property(items: new OA\Items(ref: LineAnswer::class))]
        public array $gear,
        #[OA\Property(items: new OA\Items(ref: DimensionAnswer::class))]
        public array $dimensions,
        #[OA\Property(description: 'Lower left corner of all that is drawn.')]
        public PointAnswer $least,
        #[OA\Property(description: 'Upper right corner.')]
        public PointAnswer $most,
    ) {
    }

    public static function of(SideView $view): self
    {
        [$least, $most] = $view->bounds();

        return new self(
            StickAnswer::of($view->start),
            $view->finish === null ? null : StickAnswer::of($view->finish),
            array_map(LineAnswer::of(...), $view->gear),
            array_map(DimensionAnswer::of(...), $view->dimensions),
            PointAnswer::of($least),
            PointAnswer::of($most),
        );
    }
}
