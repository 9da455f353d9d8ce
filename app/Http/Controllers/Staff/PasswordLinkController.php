<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Actions\Staff\AskPasswordLink;
use App\Actions\Staff\ChoosePassword;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Http\Requests\Staff\ChosenPasswordInput;
use App\Http\Requests\Staff\EmailInput;
use App\Models\Gym\PasswordLink;
use App\Responses\Staff\PasswordLinkResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * Choosing a password by a link that was mailed; the link comes in a header and is in no address that is logged.
 */
final readonly class PasswordLinkController
{
    public const HEADER = 'Password-Link';

    public function __construct(private AskPasswordLink $links, private ChoosePassword $choosing)
    {
    }

    #[OA\Post(
        path: '/api/v1/password-links',
        operationId: 'forgotPassword',
        description: 'A link is mailed to whoever has an account under the address; the answer does not tell whether anybody has.',
        requestBody: new RequestBody(EmailInput::class),
        responses: [new Nothing],
    )]
    public function ask(Request $request, JsonObject $json, ReadInput $inputs): Response
    {
        $this->links->forgotten($inputs->of(EmailInput::class, $json)->email, (string) $request->ip());

        return new Response(status: 204);
    }

    #[OA\Get(path: '/api/v1/password-link', operationId: 'passwordLink', responses: [new Answer(200, PasswordLinkResponse::class)])]
    public function show(Request $request): JsonResponse
    {
        $link = $this->link($request);
        $member = $this->choosing->member($link);

        return new JsonResponse(new PasswordLinkResponse($member->name, $member->email, $member->gym->name, $link->purpose));
    }

    #[OA\Put(
        path: '/api/v1/password-link',
        operationId: 'choosePassword',
        requestBody: new RequestBody(ChosenPasswordInput::class),
        responses: [new Nothing],
    )]
    public function choose(Request $request, JsonObject $json): Response
    {
        $link = $this->link($request);
        $chosen = ChosenPasswordInput::read($json, $this->choosing->member($link)->email);
        $this->choosing->choose($link, $chosen->password);

        return new Response(status: 204);
    }

    private function link(Request $request): PasswordLink
    {
        return $this->links->find((string) $request->headers->get(self::HEADER), (string) $request->ip());
    }
}
