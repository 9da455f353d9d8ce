<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeGear;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\FloorInput;
use App\Reading\KitJson;
use App\Reading\KitReading;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class KitController
{
    public function __construct(private KitReading $view)
    {
    }

    #[OA\Get(path: '/api/kit', operationId: 'kit', responses: [new Answer(200, KitJson::class)])]
    public function show(): JsonResponse
    {
        return new JsonResponse($this->view->all());
    }

    #[OA\Put(path: '/api/kit/floor', operationId: 'changeFloor', requestBody: new Body(FloorInput::class), responses: [new Answer(200, KitJson::class)])]
    public function floor(JsonObject $json, ChangeGear $gear): JsonResponse
    {
        $gear->floor(FloorInput::read($json)->floor);

        return new JsonResponse($this->view->all());
    }
}
