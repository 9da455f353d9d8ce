<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Docs\Answer;
use App\Reading\KitJson;
use App\Reading\KitReading;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class KitController
{
    #[OA\Get(path: '/api/kit', operationId: 'kit', responses: [new Answer(200, KitJson::class)])]
    public function __invoke(KitReading $view): JsonResponse
    {
        return new JsonResponse($view->all());
    }
}
