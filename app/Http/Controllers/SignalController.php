<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\CatchUp;
use App\Actions\Deeds\BesideSet;
use App\Actions\Deeds\SignalTold;
use App\Actions\LogBeside;
use App\Actions\TellSignal;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Docs\Nothing;
use App\Http\Requests\ReadBeside;
use App\Http\Requests\ReadSignal;
use App\Models\Athlete;
use App\Models\GymDay;
use App\Models\User;
use App\Reading\AthleteJson;
use App\Reading\AthleteReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;

/**
 * What is told and done beside the pull.
 */
final class SignalController
{
    #[OA\Post(
        path: '/api/athletes/{athlete}/signals',
        operationId: 'tellSignal',
        description: 'After a session or before the next; a symptom pauses the pulling.',
        requestBody: new Body(SignalTold::class),
        responses: [new Answer(201, AthleteJson::class, 'Stored.'), new Answer(200, AthleteJson::class, 'Stored before.')],
    )]
    public function tell(Athlete $athlete, Request $request, JsonObject $json, TellSignal $tell, GymDay $days, CatchUp $catchUp, AthleteReading $view): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $tell->tell($athlete, $coach, ReadSignal::from($json, $days->today()));
        $catchUp->now($athlete->id);

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(path: '/api/athletes/{athlete}/accessories', operationId: 'logBeside', requestBody: new Body(BesideSet::class), responses: [new Nothing])]
    public function beside(Athlete $athlete, Request $request, JsonObject $json, LogBeside $log, ClockInterface $clock): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        $log->log($athlete, $coach, ReadBeside::from($json, $clock->now()));

        return new Response(status: 204);
    }
}
