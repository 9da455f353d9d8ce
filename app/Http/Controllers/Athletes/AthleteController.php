<?php

declare(strict_types=1);

namespace App\Http\Controllers\Athletes;

use App\Actions\Athletes\AddAthlete;
use App\Actions\Athletes\AthleteParticulars;
use App\Actions\Athletes\UpdateAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Athletes\ArchiveInput;
use App\Http\Requests\Athletes\ReadAthlete;
use App\Http\Requests\Athletes\RosterInput;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Queries\Athletes\AthleteQuery;
use App\Queries\Athletes\RosterOrder;
use App\Queries\Athletes\RosterQuery;
use App\Queries\Athletes\RosterShow;
use App\Responses\Athletes\AthleteResponse;
use App\Responses\Athletes\RosterPageResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AthleteController
{
    #[OA\Get(
        path: '/api/v1/athletes',
        operationId: 'roster',
        parameters: [
            new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(name: 'search', description: 'Words of the name, in any order.', schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'tag', schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'order', schema: new OA\Schema(enum: RosterOrder::class, type: 'string')),
            new OA\QueryParameter(
                name: 'show',
                description: 'Overdue, paused, or those set aside.',
                schema: new OA\Schema(enum: RosterShow::class, type: 'string'),
            ),
        ],
        responses: [new Answer(200, RosterPageResponse::class)],
    )]
    public function index(Request $request, RosterQuery $view): JsonResponse
    {
        $asked = RosterInput::read($request);

        return new JsonResponse($view->page($asked->page, $asked->search, $asked->tag, $asked->order, $asked->show));
    }

    #[OA\Post(
        path: '/api/v1/athletes',
        operationId: 'addAthlete',
        requestBody: new RequestBody(AthleteParticulars::class, withId: true),
        responses: [new Answer(201, AthleteResponse::class)],
    )]
    public function store(JsonObject $json, AddAthlete $add, AthleteQuery $view): JsonResponse
    {
        $input = ReadAthlete::from($json, 'id');
        $stored = $add->add($json->uuid('id'), $input);

        return new JsonResponse($view->of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(path: '/api/v1/athletes/{athlete}', operationId: 'athlete', responses: [new Answer(200, AthleteResponse::class)])]
    public function show(Athlete $athlete, AthleteQuery $view): JsonResponse
    {
        return new JsonResponse($view->of($athlete));
    }

    #[OA\Put(
        path: '/api/v1/athletes/{athlete}',
        operationId: 'changeAthlete',
        requestBody: new RequestBody(AthleteParticulars::class),
        responses: [new Answer(200, AthleteResponse::class)],
    )]
    public function update(Athlete $athlete, JsonObject $json, UpdateAthlete $change, AthleteQuery $view): JsonResponse
    {
        return new JsonResponse($view->of($change->change($athlete, ReadAthlete::from($json))));
    }

    #[OA\Put(
        path: '/api/v1/athletes/{athlete}/archive',
        operationId: 'archiveAthlete',
        requestBody: new RequestBody(ArchiveInput::class),
        responses: [new Answer(200, AthleteResponse::class)],
    )]
    public function archive(Athlete $athlete, JsonObject $json, ReadInput $inputs, UpdateAthlete $change, AthleteQuery $view): JsonResponse
    {
        return new JsonResponse($view->of($change->archive($athlete, $inputs->of(ArchiveInput::class, $json)->archived)));
    }
}
