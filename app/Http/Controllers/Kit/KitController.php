<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\ChangeGear;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Kit\FloorInput;
use App\Http\Requests\ReadInput;
use App\Queries\Kit\KitQuery;
use App\Responses\Kit\KitResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class KitController
{
    public function __construct(private KitQuery $view)
    {
    }

    #[OA\Get(path: '/api/v1/kit', operationId: 'kit', responses: [new Answer(200, KitResponse::class)])]
    public function show(): JsonResponse
    {
        return new JsonResponse($this->view->all());
    }

    #[OA\Put(
        path: '/api/v1/kit/floor',
        operationId: 'changeFloor',
        requestBody: new RequestBody(FloorInput::class),
        responses: [new Answer(200, KitResponse::class)],
    )]
    public function floor(JsonObject $json, ReadInput $inputs, ChangeGear $gear): JsonResponse
    {
        $gear->floor($inputs->of(FloorInput::class, $json)->floor);

        return new JsonResponse($this->view->all());
    }
}
