<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeGear;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\BandInput;
use App\Http\Requests\RetirementInput;
use App\Http\Resources\BandResource;
use App\Models\Band;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class BandController
{
    public function __construct(private ChangeGear $gear)
    {
    }

    #[OA\Post(path: '/api/bands', operationId: 'addBand', requestBody: new Body(BandInput::class, withId: true), responses: [new Answer(201, BandResource::class)])]
    public function store(JsonObject $json): JsonResponse
    {
        $input = BandInput::read($json, 'id');
        $stored = $this->gear->add(new Band(['id' => $json->uuid('id'), ...$input->columns()]), $input);

        return new JsonResponse(BandResource::of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(path: '/api/bands/{band}', operationId: 'changeBand', requestBody: new Body(BandInput::class), responses: [new Answer(200, BandResource::class)])]
    public function update(Band $band, JsonObject $json): JsonResponse
    {
        $this->gear->change($band, BandInput::read($json)->columns());

        return new JsonResponse(BandResource::of($band));
    }

    #[OA\Put(path: '/api/bands/{band}/retirement', operationId: 'retireBand', requestBody: new Body(RetirementInput::class), responses: [new Answer(200, BandResource::class)])]
    public function retire(Band $band, JsonObject $json): JsonResponse
    {
        $this->gear->change($band, RetirementInput::read($json)->columns($band->retired_at));

        return new JsonResponse(BandResource::of($band));
    }
}
