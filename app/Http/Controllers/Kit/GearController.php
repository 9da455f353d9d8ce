<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\ChangeGear;
use App\Actions\Kit\GearParticulars;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Kit\ReadGear;
use App\Http\Requests\Kit\RetirementInput;
use App\Http\Requests\ReadInput;
use App\Models\Kit\Gear;
use App\Responses\Kit\GearResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;

final readonly class GearController
{
    public function __construct(private ChangeGear $gear, private ClockInterface $clock)
    {
    }

    #[OA\Post(
        path: '/api/v1/gear',
        operationId: 'addGear',
        requestBody: new RequestBody(GearParticulars::class, withId: true),
        responses: [new Answer(201, GearResponse::class)],
    )]
    public function store(JsonObject $json): JsonResponse
    {
        $input = ReadGear::from($json, 'id');
        $stored = $this->gear->add(new Gear(['id' => $json->uuid('id'), ...$input->columns()]), $input);

        return new JsonResponse(GearResponse::of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(
        path: '/api/v1/gear/{gear}',
        operationId: 'changeGear',
        requestBody: new RequestBody(GearParticulars::class),
        responses: [new Answer(200, GearResponse::class)],
    )]
    public function update(Gear $gear, JsonObject $json): JsonResponse
    {
        $this->gear->change($gear, ReadGear::changing($gear, $json)->columns());

        return new JsonResponse(GearResponse::of($gear));
    }

    #[OA\Put(
        path: '/api/v1/gear/{gear}/retirement',
        operationId: 'retireGear',
        requestBody: new RequestBody(RetirementInput::class),
        responses: [new Answer(200, GearResponse::class)],
    )]
    public function retire(Gear $gear, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        $this->gear->change($gear, $inputs->of(RetirementInput::class, $json)->columns($gear->retired_at, $this->clock->now()));

        return new JsonResponse(GearResponse::of($gear));
    }
}
