<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Docs\Answer;
use App\Http\Resources\KitResource;
use App\Models\Band;
use App\Models\Bar;
use App\Models\GymKit;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class KitController
{
    private const MOST = 2 * GymKit::MOST_OF_A_KIND;

    #[OA\Get(path: '/api/kit', operationId: 'kit', responses: [new Answer(200, KitResource::class)])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(KitResource::of(
            Bar::query()->orderByRaw('retired_at IS NOT NULL')->orderBy('height_m')->limit(self::MOST)->get(),
            Band::query()->orderByRaw('retired_at IS NOT NULL')->orderBy('width_mm')->orderBy('name')->limit(self::MOST)->get(),
        ));
    }
}
