<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\AddAthlete;
use App\Actions\ChangeAthlete;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\AthleteInput;
use App\Http\Requests\PageInput;
use App\Http\Resources\AthleteResource;
use App\Http\Resources\RosterPage;
use App\Http\Views\AthleteView;
use App\Http\Views\RosterView;
use App\Models\Athlete;
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
            new OA\QueryParameter(name: 'search', schema: new OA\Schema(type: 'string')),
        ],
        responses: [new Answer(200, RosterPage::class)],
    )]
    public function index(Request $request, RosterView $view): JsonResponse
    {
        return new JsonResponse($view->page(PageInput::read($request)));
    }

    #[OA\Post(path: '/api/athletes', operationId: 'addAthlete', requestBody: new Body(AthleteInput::class, withId: true), responses: [new Answer(201, AthleteResource::class)])]
    public function store(JsonObject $json, AddAthlete $add, AthleteView $view): JsonResponse
    {
        $input = AthleteInput::read($json, 'id');
        $stored = $add->add($json->uuid('id'), $input);

        return new JsonResponse($view->of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Get(path: '/api/athletes/{athlete}', operationId: 'athlete', responses: [new Answer(200, AthleteResource::class)])]
    public function show(Athlete $athlete, AthleteView $view): JsonResponse
    {
        return new JsonResponse($view->of($athlete));
    }

    #[OA\Put(path: '/api/athletes/{athlete}', operationId: 'changeAthlete', requestBody: new Body(AthleteInput::class), responses: [new Answer(200, AthleteResource::class)])]
    public function update(Athlete $athlete, JsonObject $json, ChangeAthlete $change, AthleteView $view): JsonResponse
    {
        return new JsonResponse($view->of($change->change($athlete, AthleteInput::read($json))));
    }
}
