<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeGear;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\BarInput;
use App\Http\Requests\RetirementInput;
use App\Http\Resources\BarResource;
use App\Models\Bar;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class BarController
{
    public function __construct(private ChangeGear $gear)
    {
    }

    #[OA\Post(path: '/api/bars', operationId: 'addBar', requestBody: new Body(BarInput::class, withId: true), responses: [new Answer(201, BarResource::class)])]
    public function store(JsonObject $json): JsonResponse
    {
        $input = BarInput::read($json, 'id');
        $stored = $this->gear->add(new Bar(['id' => $json->uuid('id'), ...$input->columns()]), $input);

        return new JsonResponse(BarResource::of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(path: '/api/bars/{bar}', operationId: 'changeBar', requestBody: new Body(BarInput::class), responses: [new Answer(200, BarResource::class)])]
    public function update(Bar $bar, JsonObject $json): JsonResponse
    {
        $this->gear->change($bar, BarInput::read($json)->columns());

        return new JsonResponse(BarResource::of($bar));
    }

    #[OA\Put(path: '/api/bars/{bar}/retirement', operationId: 'retireBar', requestBody: new Body(RetirementInput::class), responses: [new Answer(200, BarResource::class)])]
    public function retire(Bar $bar, JsonObject $json): JsonResponse
    {
        $this->gear->change($bar, RetirementInput::read($json)->columns($bar->retired_at));

        return new JsonResponse(BarResource::of($bar));
    }
}
