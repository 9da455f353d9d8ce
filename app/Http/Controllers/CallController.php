<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\DecideCall;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\DecisionInput;
use App\Http\Requests\PageInput;
use App\Http\Requests\QueueInput;
use App\Http\Resources\CallPage;
use App\Http\Resources\CallQueue;
use App\Http\Resources\CallResource;
use App\Http\Resources\Page;
use App\Http\Views\CallQueueView;
use App\Models\Athlete;
use App\Models\CallRecord;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use SteadyRung\Call\Verdict;

final class CallController
{
    #[OA\Get(
        path: '/api/calls',
        operationId: 'openCalls',
        description: 'The calls that wait for a decision, the most urgent first, then the newest.',
        parameters: [
            new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer')),
            new OA\QueryParameter(name: 'verdict', schema: new OA\Schema(enum: Verdict::class, type: 'string')),
        ],
        responses: [new Answer(200, CallQueue::class)],
    )]
    public function index(Request $request, CallQueueView $view): JsonResponse
    {
        return new JsonResponse($view->page(QueueInput::read($request)));
    }

    #[OA\Get(
        path: '/api/athletes/{athlete}/calls',
        operationId: 'pastCalls',
        description: 'The decided calls of an athlete, newest first.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'))],
        responses: [new Answer(200, CallPage::class)],
    )]
    public function past(Athlete $athlete, Request $request): JsonResponse
    {
        $query = CallRecord::query()->where('athlete_id', $athlete->id)->whereNotNull('decided_at')->orderByDesc('made_at')->orderBy('id');
        $page = Page::of($query, PageInput::read($request)->page);

        return new JsonResponse(new CallPage(
            array_map(static fn (CallRecord $call): CallResource => CallResource::of($call, $athlete->name), $page->items),
            $page->next,
        ));
    }

    #[OA\Put(path: '/api/calls/{call}/decision', operationId: 'decideCall', requestBody: new Body(DecisionInput::class), responses: [new Answer(200, CallResource::class)])]
    public function decide(CallRecord $call, Request $request, JsonObject $json, DecideCall $decide): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $input = DecisionInput::read($json);
        $decided = $json->build(static fn (): CallRecord => $decide->decide($call, $coach, $input));

        return new JsonResponse(CallResource::of($decided, Athlete::query()->findOrFail($decided->athlete_id)->name));
    }
}
