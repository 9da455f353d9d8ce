<?php

declare(strict_types=1);

namespace App\Http\Controllers\Scripts;

use App\Actions\Scripts\KeepWebhook;
use App\Actions\Scripts\TellWebhooks;
use App\Actions\Scripts\WebhookSet;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\PageInput;
use App\Http\Requests\ReadInput;
use App\Models\Gym\User;
use App\Models\Scripts\Webhook;
use App\Queries\Scripts\WebhooksQuery;
use App\Responses\Scripts\DeliveriesResponse;
use App\Responses\Scripts\WebhooksResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/**
 * Addresses that are told what happens in the gym.
 */
final readonly class WebhookController
{
    public function __construct(private WebhooksQuery $webhooks, private KeepWebhook $keeping)
    {
    }

    #[OA\Get(path: '/api/v1/webhooks', operationId: 'webhooks', responses: [new Answer(200, WebhooksResponse::class)])]
    public function index(): JsonResponse
    {
        return new JsonResponse($this->webhooks->standing());
    }

    #[OA\Put(
        path: '/api/v1/webhooks',
        operationId: 'keepWebhook',
        description: 'Sets one up, or changes it.',
        requestBody: new RequestBody(WebhookSet::class),
        responses: [new Answer(200, WebhooksResponse::class)],
    )]
    public function keep(Request $request, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        /** @var User $owner */
        $owner = $request->user();
        $this->keeping->keep($owner, $inputs->of(WebhookSet::class, $json));

        return $this->index();
    }

    #[OA\Get(
        path: '/api/v1/webhooks/{webhook}/deliveries',
        operationId: 'deliveries',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer', minimum: 1))],
        responses: [new Answer(200, DeliveriesResponse::class)],
    )]
    public function deliveries(string $webhook, Request $request): JsonResponse
    {
        return new JsonResponse($this->webhooks->deliveries(Webhook::query()->findOrFail($webhook), PageInput::read($request)->page));
    }

    #[OA\Post(
        path: '/api/v1/webhooks/{webhook}/try',
        operationId: 'tryWebhook',
        description: 'Tells it that it is tried, whatever it is told otherwise.',
        responses: [new Answer(200, WebhooksResponse::class)],
    )]
    public function try(string $webhook, TellWebhooks $tell): JsonResponse
    {
        $tell->try(Webhook::query()->findOrFail($webhook));

        return $this->index();
    }

    #[OA\Delete(
        path: '/api/v1/webhooks/{webhook}',
        operationId: 'endWebhook',
        responses: [new Answer(200, WebhooksResponse::class)],
    )]
    public function end(string $webhook): JsonResponse
    {
        $this->keeping->end($webhook);

        return $this->index();
    }
}
