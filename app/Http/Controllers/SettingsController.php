<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeSettings;
use App\Actions\Deeds\CoachTaken;
use App\Actions\Deeds\GymFounded;
use App\Actions\FoundGym;
use App\Actions\SlowSignIns;
use App\Actions\TakeCoach;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Docs\Nothing;
use App\Http\Requests\PasswordInput;
use App\Http\Requests\ReadSettings;
use App\Http\Requests\SettingsInput;
use App\Http\WebGuard;
use App\Models\CurrentGym;
use App\Models\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Reading\CoachListJson;
use App\Reading\MeJson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * The first page of an empty install, and what can be set afterwards.
 */
final class SettingsController
{
    #[OA\Post(path: '/api/gym', operationId: 'foundGym', description: 'Once, on an install without a gym.', requestBody: new Body(GymFounded::class), responses: [new Answer(201, MeJson::class)])]
    public function found(Request $request, JsonObject $json, FoundGym $found, WebGuard $web): JsonResponse
    {
        if (! $request->hasSession()) {
            throw new Problem(ProblemCode::ForeignOrigin, 'Begin from the application’s own page.');
        }
        $coach = $found->found(ReadSettings::founding($json));
        $web->enter($request, $coach);

        return new JsonResponse(MeJson::of($coach), 201);
    }

    #[OA\Put(path: '/api/settings', operationId: 'changeSettings', requestBody: new Body(SettingsInput::class), responses: [new Answer(200, MeJson::class)])]
    public function change(Request $request, JsonObject $json, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $asked = SettingsInput::read($json);

        return new JsonResponse(MeJson::of($settings->gym($coach, $asked->gym_name, $asked->timezone, $asked->coach_name)));
    }

    #[OA\Put(path: '/api/password', operationId: 'changePassword', requestBody: new Body(PasswordInput::class), responses: [new Nothing])]
    public function password(Request $request, JsonObject $json, ChangeSettings $settings, SlowSignIns $slow): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        $asked = PasswordInput::read($json, $coach->email);
        $slow->begin($coach->email, (string) $request->ip(), "password of $coach->id");
        try {
            $settings->password($coach, $asked->present, $asked->new, $request->session()->getId());
        } catch (Problem $refused) {
            $refused->problem !== ProblemCode::WrongPassword || $slow->failed($coach->email, (string) $request->ip(), "password of $coach->id");
            throw $refused;
        }
        $request->session()->put('password_hash_web', $coach->getAuthPassword());

        return new Response(status: 204);
    }

    #[OA\Get(path: '/api/coaches', operationId: 'coaches', responses: [new Answer(200, CoachListJson::class)])]
    public function coaches(CurrentGym $gym): JsonResponse
    {
        return new JsonResponse(CoachListJson::ofGym($gym->id()));
    }

    #[OA\Post(path: '/api/coaches', operationId: 'takeCoach', requestBody: new Body(CoachTaken::class), responses: [new Answer(201, CoachListJson::class)])]
    public function take(JsonObject $json, TakeCoach $take, CurrentGym $gym): JsonResponse
    {
        $take->take(ReadSettings::coach($json));

        return new JsonResponse(CoachListJson::ofGym($gym->id()), 201);
    }
}
