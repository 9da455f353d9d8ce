<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChooseSetup;
use App\Formats\ChoiceJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Resources\AthleteResource;
use App\Http\Resources\ScaleResource;
use App\Http\Resources\WhyResource;
use App\Http\Views\AthleteView;
use App\Http\Views\ScaleView;
use App\Models\Athlete;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * The set-ups of one athlete on the scale of carried share.
 */
final class ScaleController
{
    #[OA\Get(
        path: '/api/athletes/{athlete}/scale',
        operationId: 'scale',
        description: 'Every set-up of one band, or of all bands, and the unassisted pull-up.',
        parameters: [new OA\QueryParameter(name: 'band', schema: new OA\Schema(type: 'string', format: 'uuid'))],
        responses: [new Answer(200, ScaleResource::class)],
    )]
    public function show(Athlete $athlete, Request $request, ScaleView $view): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('band');

        return new JsonResponse($view->of($athlete, $query->has('band') ? $query->uuid('band') : null));
    }

    #[OA\Get(
        path: '/api/athletes/{athlete}/why',
        operationId: 'why',
        parameters: [new OA\QueryParameter(name: 'choice', description: 'A Choice as JSON.', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new Answer(200, WhyResource::class)],
    )]
    public function why(Athlete $athlete, Request $request, ScaleView $view): JsonResponse
    {
        $query = JsonObject::ofQuery($request->query->all())->allowing('choice');

        return new JsonResponse($view->why($athlete, ChoiceJson::read(JsonObject::parse($query->text('choice', 400)))));
    }

    #[OA\Put(path: '/api/athletes/{athlete}/setup', operationId: 'chooseSetup', requestBody: new Body(ChoiceJson::class), responses: [new Answer(200, AthleteResource::class)])]
    public function choose(Athlete $athlete, JsonObject $json, ChooseSetup $choose, AthleteView $view): JsonResponse
    {
        $choice = ChoiceJson::read($json);

        return new JsonResponse($view->of($json->build(static fn (): Athlete => $choose->choose($athlete, $choice))));
    }
}
