<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gym;

use App\Actions\Gym\SlowSignIns;
use App\Actions\Staff\SecondFactor;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\KnownDevice;
use App\Http\Requests\Gym\SignInInput;
use App\Http\WebGuard;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Responses\Gym\MeResponse;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class SignInController
{
    public function __construct(private WebGuard $web, private SecondFactor $factor)
    {
    }

    #[OA\Get(path: '/api/v1/me', operationId: 'me', responses: [new Answer(200, MeResponse::class)])]
    public function show(Request $request): JsonResponse
    {
        /** @var User $user */
        $user = $request->user();

        return new JsonResponse(MeResponse::of($user));
    }

    #[OA\Post(
        path: '/api/v1/sign-in',
        operationId: 'signIn',
        requestBody: new RequestBody(SignInInput::class),
        responses: [new Answer(200, MeResponse::class)],
    )]
    public function signIn(Request $request, JsonObject $json, SlowSignIns $slow, KnownDevice $devices, Hasher $hasher): JsonResponse
    {
        if (! $request->hasSession()) {
            throw new Problem(ProblemCode::ForeignOrigin, 'Sign in from the application’s own page.');
        }
        $input = SignInInput::read($json);
        $accounts = User::query()->with('gym')->where('email', $input->email)->whereNull('left_at')
            ->orderBy('id')->limit(User::MOST_GYMS)->get(); // the password tells in which of them
        $device = $accounts->map(static fn (User $u): ?string => $devices->of($request, $u))->filter()->first();
        $slow->begin($input->email, (string) $request->ip(), $device);
        if ($accounts->isEmpty()) {
            $hasher->make(hash('sha256', $input->password)); // so that the answer takes as long as it would for an account
        }
        $user = $accounts->first(static fn (User $u): bool => $hasher->check($input->password, $u->password));
        if ($user === null) {
            $slow->failed($input->email, (string) $request->ip(), $device);
            throw new Problem(ProblemCode::WrongSignIn, 'Check both and try again.');
        }
        if ($user->second_factor_at !== null && $input->code === null) {
            throw new Problem(ProblemCode::CodeNeeded, 'Type the code that your phone shows, or one of your recovery codes.');
        }
        if ($user->second_factor_at !== null && ! $this->factor->opens($user, $input->code)) {
            $slow->failed($input->email, (string) $request->ip(), $device);
            throw SecondFactor::wrongCode();
        }
        $slow->succeeded($input->email, (string) $request->ip(), $device);
        $this->web->enter($request, $user);
        $response = new JsonResponse(MeResponse::of($user));
        $response->headers->setCookie($devices->remember($user));

        return $response;
    }

    #[OA\Post(path: '/api/v1/sign-out', operationId: 'signOut', responses: [new Nothing])]
    public function signOut(Request $request): Response
    {
        $this->web->leave($request);

        return new Response(status: 204);
    }
}
