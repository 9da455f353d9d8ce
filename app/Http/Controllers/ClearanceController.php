<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ClearPain;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\ClearanceInput;
use App\Http\Resources\AthleteResource;
use App\Http\Views\AthleteView;
use App\Models\Athlete;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final class ClearanceController
{
    #[OA\Post(path: '/api/athletes/{athlete}/clearances', operationId: 'clearPain', requestBody: new Body(ClearanceInput::class), responses: [new Answer(201, AthleteResource::class)])]
    public function __invoke(Athlete $athlete, Request $request, JsonObject $json, ClearPain $clear, AthleteView $view): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $clear->clear($athlete, $coach, ClearanceInput::read($json));

        return new JsonResponse($view->of($athlete->refresh()), $stored->isNew ? 201 : 200);
    }
}
