<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\Gym\SlowSignIns;
use App\Actions\Staff\EndSessions;
use App\Actions\Staff\SecondFactor;
use App\Context\Gym\CurrentGym;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Http\Requests\Staff\CodeInput;
use App\Models\Gym\User;
use App\Queries\Staff\SessionsQuery;
use App\Responses\Staff\RecoveryCodesResponse;
use App\Responses\Staff\SecondFactorResponse;
use App\Responses\Staff\SessionListResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * Where who is signed in is signed in, and by what more than a password.
 */
final readonly class AccountController
{
    public function __construct(private SecondFactor $factor)
    {
    }

    #[OA\Get(path: '/api/v1/sessions', operationId: 'sessions', responses: [new Answer(200, SessionListResponse::class)])]
    public function sessions(Request $request, SessionsQuery $sessions): JsonResponse
    {
        return new JsonResponse($sessions->of(self::member($request), $request->session()->getId()));
    }

    #[OA\Delete(path: '/api/v1/sessions/{session}', operationId: 'endSession', responses: [new Nothing])]
    public function endSession(Request $request, string $session, EndSessions $sessions): Response
    {
        $sessions->one(self::member($request), $session);

        return new Response(status: 204);
    }

    #[OA\Post(
        path: '/api/v1/second-factor',
        operationId: 'beginSecondFactor',
        description: 'It is asked for as soon as a code of it was shown.',
        responses: [new Answer(201, SecondFactorResponse::class)],
    )]
    public function begin(Request $request, CurrentGym $gym): JsonResponse
    {
        $member = self::member($request);
        $totp = $this->factor->begin($member);

        return new JsonResponse(new SecondFactorResponse($totp->base32(), $totp->address($gym->gym()->name, $member->email)), 201);
    }

    #[OA\Put(
        path: '/api/v1/second-factor',
        operationId: 'confirmSecondFactor',
        requestBody: new RequestBody(CodeInput::class),
        responses: [new Answer(200, RecoveryCodesResponse::class)],
    )]
    public function confirm(Request $request, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        return new JsonResponse(new RecoveryCodesResponse(
            $this->factor->confirm(self::member($request), $inputs->of(CodeInput::class, $json)->code),
        ));
    }

    #[OA\Post(
        path: '/api/v1/second-factor/end',
        operationId: 'endSecondFactor',
        description: 'With a code of it, or one for recovery, as proof.',
        requestBody: new RequestBody(CodeInput::class),
        responses: [new Nothing],
    )]
    public function end(Request $request, JsonObject $json, ReadInput $inputs, SlowSignIns $slow): Response
    {
        $member = self::member($request);
        $code = $inputs->of(CodeInput::class, $json)->code;
        $guesses = [$member->email, (string) $request->ip(), "code of $member->id"];
        $slow->begin(...$guesses);
        if ($member->second_factor_at !== null && ! $this->factor->opens($member, $code)) {
            $slow->failed(...$guesses);
            throw SecondFactor::wrongCode();
        }
        $this->factor->end($member->refresh());

        return new Response(status: 204);
    }

    private static function member(Request $request): User
    {
        $member = $request->user();
        assert($member instanceof User);

        return $member;
    }
}
