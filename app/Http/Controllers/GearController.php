<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeGear;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\GearInput;
use App\Http\Requests\RetirementInput;
use App\Http\Resources\GearResource;
use App\Models\Gear;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class GearController
{
    public function __construct(private ChangeGear $gear)
    {
    }

    #[OA\Post(path: '/api/gear', operationId: 'addGear', requestBody: new Body(GearInput::class, withId: true), responses: [new Answer(201, GearResource::class)])]
    public function store(JsonObject $json): JsonResponse
    {
        $input = GearInput::read($json, 'id');
        $stored = $this->gear->add(new Gear(['id' => $json->uuid('id'), ...$input->columns()]), $input);

        return new JsonResponse(GearResource::of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(path: '/api/gear/{gear}', operationId: 'changeGear', requestBody: new Body(GearInput::class), responses: [new Answer(200, GearResource::class)])]
    public function update(Gear $gear, JsonObject $json): JsonResponse
    {
        $this->gear->change($gear, GearInput::read($json)->columnsFor($gear, $json));

        return new JsonResponse(GearResource::of($gear));
    }

    #[OA\Put(path: '/api/gear/{gear}/retirement', operationId: 'retireGear', requestBody: new Body(RetirementInput::class), responses: [new Answer(200, GearResource::class)])]
    public function retire(Gear $gear, JsonObject $json): JsonResponse
    {
        $this->gear->change($gear, RetirementInput::read($json)->columns($gear->retired_at));

        return new JsonResponse(GearResource::of($gear));
    }
}
