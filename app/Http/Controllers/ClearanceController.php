<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ClearPain;
use App\Actions\Deeds\ClearingNote;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ReadClearance;
use App\Models\Athlete;
use App\Models\User;
use App\Reading\AthleteJson;
use App\Reading\AthleteReading;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ClearanceController
{
    #[OA\Post(path: '/api/athletes/{athlete}/clearances', operationId: 'clearPain', requestBody: new Body(ClearingNote::class), responses: [new Answer(201, AthleteJson::class)])]
    public function __invoke(Athlete $athlete, Request $request, JsonObject $json, ClearPain $clear, AthleteReading $view): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $clear->clear($athlete, $coach, ReadClearance::from($json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
