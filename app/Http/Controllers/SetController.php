<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\LogSet;
use App\Actions\WithdrawSet;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Docs\Nothing;
use App\Http\Requests\PageInput;
use App\Http\Requests\SetInput;
use App\Http\Requests\WithdrawalInput;
use App\Http\Resources\Page;
use App\Http\Resources\SetPage;
use App\Http\Resources\SetResource;
use App\Models\Athlete;
use App\Models\LoggedSet;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;

final class SetController
{
    #[OA\Get(
        path: '/api/athletes/{athlete}/sets',
        operationId: 'sets',
        description: 'The sets that stand, newest first.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'))],
        responses: [new Answer(200, SetPage::class)],
    )]
    public function index(Athlete $athlete, Request $request): JsonResponse
    {
        $query = LoggedSet::standing($athlete->id)->orderByDesc('trained_on')->orderByDesc('performed_at')->orderByDesc('id');

        return new JsonResponse(SetPage::of(Page::of($query, PageInput::read($request)->page)));
    }

    #[OA\Post(
        path: '/api/athletes/{athlete}/sets',
        operationId: 'logSet',
        requestBody: new Body(SetInput::class),
        responses: [new Answer(201, SetResource::class, 'Stored.'), new Answer(200, SetResource::class, 'Stored before.')],
    )]
    public function store(Athlete $athlete, Request $request, JsonObject $json, LogSet $log, ClockInterface $clock): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $input = SetInput::read($json, $clock->now());
        $stored = $json->build(static fn () => $log->log($athlete, $coach, $input));

        return new JsonResponse(SetResource::of($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Post(path: '/api/athletes/{athlete}/sets/{set}/withdrawal', operationId: 'withdrawSet', requestBody: new Body(WithdrawalInput::class), responses: [new Nothing])]
    public function withdraw(Athlete $athlete, string $set, Request $request, JsonObject $json, WithdrawSet $withdraw): Response
    {
        /** @var User $coach */
        $coach = $request->user();
        $withdraw->withdraw($athlete, $set, $coach, WithdrawalInput::read($json));

        return new Response(status: 204);
    }
}
