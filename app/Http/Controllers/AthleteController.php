<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddAthlete;
use App\Actions\ChangeAthlete;
use App\Actions\Deeds\AthleteParticulars;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ArchiveInput;
use App\Http\Requests\ReadAthlete;
use App\Http\Requests\RosterInput;
use App\Models\Athlete;
use App\Reading\AthleteJson;
use App\Reading\AthleteReading;
use App\Reading\RosterOrder;
use App\Reading\RosterPageJson;
use App\Reading\RosterReading;
use App\Reading\RosterShow;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class AthleteController
{
    #[OA\Get(
        path: '/api/athletes',
        operationId: 'roster',
        parameters: [
            new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(name: 'search', description: 'Words of the name, in any order.', schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'tag', schema: new OA\Schema(type: 'string')),
            new OA\QueryParameter(name: 'order', schema: new OA\Schema(enum: RosterOrder::class, type: 'string')),
            new OA\QueryParameter(name: 'show', description: 'Overdue, paused, or those set aside.', schema: new OA\Schema(enum: RosterShow::class, type: 'string')),
        ],
        responses: [new Answer(200, RosterPageJson::class)],
    )]
    public function index(Request $request, RosterReading $view): JsonResponse
    {
        $asked = RosterInput::read($request);

        return new JsonResponse($view->page($asked->page, $asked->search, $asked->tag, $asked->order, $asked->show));
    }

    #[OA\Post(path: '/api/athletes', operationId: 'addAthlete', requestBody: new Body(AthleteParticulars::class, withId: true), responses: [new Answer(201, AthleteJson::class)])]
    public function store(JsonObject $json, AddAthlete $add, AthleteReading $view): JsonResponse
    {
        $input = ReadAthlete::from($json, 'id');
        $stored = $add->add($json->uuid('id'), $input);

        return new JsonResponse($view->of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(path: '/api/athletes/{athlete}', operationId: 'athlete', responses: [new Answer(200, AthleteJson::class)])]
    public function show(Athlete $athlete, AthleteReading $view): JsonResponse
    {
        return new JsonResponse($view->of($athlete));
    }

    #[OA\Put(path: '/api/athletes/{athlete}', operationId: 'changeAthlete', requestBody: new Body(AthleteParticulars::class), responses: [new Answer(200, AthleteJson::class)])]
    public function update(Athlete $athlete, JsonObject $json, ChangeAthlete $change, AthleteReading $view): JsonResponse
    {
        return new JsonResponse($view->of($change->change($athlete, ReadAthlete::from($json))));
    }

    #[OA\Put(path: '/api/athletes/{athlete}/archive', operationId: 'archiveAthlete', requestBody: new Body(ArchiveInput::class), responses: [new Answer(200, AthleteJson::class)])]
    public function archive(Athlete $athlete, JsonObject $json, ChangeAthlete $change, AthleteReading $view): JsonResponse
    {
        return new JsonResponse($view->of($change->archive($athlete, ArchiveInput::read($json)->archived)));
    }
}
