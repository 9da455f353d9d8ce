<?php

declare(strict_types=1);

namespace App\Http\Controllers\Gym;

use App\Http\Docs\Answer;
use App\Responses\Gym\HealthResponse;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Steady Rung', description: 'From no pull-up to several strict ones, on one scale.')]
#[OA\OpenApi(security: [['token' => []]])]
#[OA\SecurityScheme(securityScheme: 'token', type: 'http', scheme: 'bearer', description: 'A token of the gym; the pages use a session instead.')]
final class HealthController
{
    #[OA\Get(path: '/api/v1/health', operationId: 'health', responses: [new Answer(200, HealthResponse::class)])]
    public function __invoke(ConnectionInterface $db): JsonResponse
    {
        $founded = $db->selectOne('SELECT EXISTS (SELECT 1 FROM gyms) AS founded')->founded;

        return new JsonResponse(new HealthResponse('steady-rung', true, $founded));
    }
}
