<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Docs\Answer;
use App\Http\Resources\KitResource;
use App\Http\Views\KitView;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class KitController
{
    #[OA\Get(path: '/api/kit', operationId: 'kit', responses: [new Answer(200, KitResource::class)])]
    public function __invoke(KitView $view): JsonResponse
    {
        return new JsonResponse($view->all());
    }
}
