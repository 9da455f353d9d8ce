<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Actions\Log\AccessoryDone;
use App\Actions\Log\LogAccessory;
use App\Actions\Log\ReportSignal;
use App\Actions\Log\SignalTold;
use App\Actions\RecalculateDue;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Queries\Athletes\AthleteQuery;
use App\Responses\Athletes\AthleteResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * What is told and done beside the pull.
 */
final class SignalController
{
    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/signals',
        operationId: 'tellSignal',
        description: 'After a session or before the next; a symptom pauses the pulling.',
        requestBody: new RequestBody(SignalTold::class),
        responses: [new Answer(201, AthleteResponse::class, 'Stored.'), new Answer(200, AthleteResponse::class, 'Stored before.')],
    )]
    public function tell(
        Athlete $athlete,
        Request $request,
        JsonObject $json,
        ReadInput $inputs,
        ReportSignal $tell,
        RecalculateDue $catchUp,
        AthleteQuery $view,
    ): JsonResponse {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $tell->tell($athlete, $coach, $inputs->of(SignalTold::class, $json));
        $catchUp->now($athlete->id);

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(
        path: '/api/v1/athletes/{athlete}/accessories',
        operationId: 'logBeside',
        requestBody: new RequestBody(AccessoryDone::class),
        responses: [new Nothing],
    )]
    public function beside(Athlete $athlete, Request $request, JsonObject $json, ReadInput $inputs, LogAccessory $log): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        $log->log($athlete, $coach, $inputs->of(AccessoryDone::class, $json));

        return new Response(status: 204);
    }
}
