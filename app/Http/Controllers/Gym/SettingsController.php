<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gym;

use App\Actions\Gym\ChangeSettings;
use App\Actions\Gym\FoundGym;
use App\Actions\Gym\GymFounded;
use App\Actions\Gym\SlowSignIns;
use App\Actions\Own\TellsGiven;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Gym\BoardNamesInput;
use App\Http\Requests\Gym\ErasedLogInput;
use App\Http\Requests\Gym\HealthRulesInput;
use App\Http\Requests\Gym\NameInput;
use App\Http\Requests\Gym\PasswordInput;
use App\Http\Requests\Gym\ReadSettings;
use App\Http\Requests\Gym\RemindersInput;
use App\Http\Requests\Gym\SettingsInput;
use App\Http\Requests\ReadInput;
use App\Http\WebGuard;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Responses\Gym\MeResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * The first page of an empty install, and what can be set afterwards.
 */
final class SettingsController
{
    #[OA\Post(
        path: '/api/v1/gym',
        operationId: 'foundGym',
        description: 'Once, on an install without a gym.',
        requestBody: new RequestBody(GymFounded::class),
        responses: [new Answer(201, MeResponse::class)],
    )]
    public function found(Request $request, JsonObject $json, FoundGym $found, WebGuard $web): JsonResponse
    {
        if (! $request->hasSession()) {
            throw new Problem(ProblemCode::ForeignOrigin, 'Begin from the application’s own page.');
        }
        $coach = $found->found(ReadSettings::founding($json));
        $web->enter($request, $coach);

        return new JsonResponse(MeResponse::of($coach), 201);
    }

    #[OA\Put(
        path: '/api/v1/settings',
        operationId: 'changeSettings',
        requestBody: new RequestBody(SettingsInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function change(Request $request, JsonObject $json, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $asked = SettingsInput::read($json);

        return new JsonResponse(MeResponse::of($settings->gym($coach, $asked->gym_name, $asked->timezone, $asked->units($coach->gym->units()))));
    }

    #[OA\Put(
        path: '/api/v1/me',
        operationId: 'changeName',
        requestBody: new RequestBody(NameInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function name(Request $request, JsonObject $json, ReadInput $inputs, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();

        return new JsonResponse(MeResponse::of($settings->name($coach, $inputs->of(NameInput::class, $json)->name)));
    }

    #[OA\Put(
        path: '/api/v1/me/reminders',
        operationId: 'changeReminders',
        requestBody: new RequestBody(RemindersInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function reminders(Request $request, JsonObject $json, ReadInput $inputs, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();

        return new JsonResponse(MeResponse::of($settings->reminders($coach, $inputs->of(RemindersInput::class, $json)->reminders)));
    }

    #[OA\Put(
        path: '/api/v1/settings/athletes-tell',
        operationId: 'changeTells',
        description: 'What athletes may tell on their own page.',
        requestBody: new RequestBody(TellsGiven::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function tells(Request $request, JsonObject $json, ReadInput $inputs, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $settings->athletesTell($inputs->of(TellsGiven::class, $json)->tells);

        return new JsonResponse(MeResponse::of($coach->refresh()));
    }

    #[OA\Put(
        path: '/api/v1/settings/board',
        operationId: 'settleBoardNames',
        requestBody: new RequestBody(BoardNamesInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function boardNames(Request $request, JsonObject $json, ReadInput $inputs, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $settings->boardNames($inputs->of(BoardNamesInput::class, $json)->names);

        return new JsonResponse(MeResponse::of($coach->refresh()));
    }

    #[OA\Put(
        path: '/api/v1/settings/erasure',
        operationId: 'settleErasure',
        requestBody: new RequestBody(ErasedLogInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function erasure(Request $request, JsonObject $json, ReadInput $inputs, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $settings->erasedLog($inputs->of(ErasedLogInput::class, $json)->log);

        return new JsonResponse(MeResponse::of($coach->refresh()));
    }

    #[OA\Put(
        path: '/api/v1/settings/health',
        operationId: 'settleHealthRules',
        requestBody: new RequestBody(HealthRulesInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function health(Request $request, JsonObject $json, ReadInput $inputs, ChangeSettings $settings): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $asked = $inputs->of(HealthRulesInput::class, $json);
        $settings->healthRules($asked->consent, $asked->consent_words, $asked->keep_health_years);

        return new JsonResponse(MeResponse::of($coach->refresh()));
    }

    #[OA\Put(
        path: '/api/v1/password',
        operationId: 'changePassword',
        requestBody: new RequestBody(PasswordInput::class),
        responses: [new Nothing],
    )]
    public function password(Request $request, JsonObject $json, ChangeSettings $settings, SlowSignIns $slow): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        $asked = PasswordInput::read($json, $coach->email);
        $slow->begin($coach->email, (string) $request->ip(), "password of $coach->id");
        try {
            $settings->password($coach, $asked->present, $asked->new, $request->session()->getId());
        } catch (Problem $refused) {
            $refused->problem !== ProblemCode::WrongPassword
                || $slow->failed($coach->email, (string) $request->ip(), "password of $coach->id");
            throw $refused;
        }
        $request->session()->put('password_hash_web', $coach->getAuthPassword());

        return new Response(status: 204);
    }
}
