<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Band;
use App\Models\Bar;
use Illuminate\Support\Collection;
use OpenApi\Attributes as OA;

/**
 * All gear of the gym, retired gear last.
 */
#[OA\Schema]
final readonly class KitResource
{
    /**
     * @param  list<BarResource>  $bars
     * @param  list<BandResource>  $bands
     */
    public function __construct(
        #[OA\Property(items: new OA\Items(ref: BarResource::class))]
        public array $bars,
        #[OA\Property(items: new OA\Items(ref: BandResource::class))]
        public array $bands,
    ) {
    }

    /**
     * @param  Collection<int, Bar>  $bars
     * @param  Collection<int, Band>  $bands
     */
    public static function of(Collection $bars, Collection $bands): self
    {
        return new self(
            array_values($bars->map(BarResource::of(...))->all()),
            array_values($bands->map(BandResource::of(...))->all()),
        );
    }
}
