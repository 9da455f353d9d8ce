<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\Json\CautionJson;
use App\Formats\Json\CautionListJson;
use App\Http\Docs\Answer;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Caution;

final class CautionController
{
    #[OA\Get(path: '/api/cautions', operationId: 'cautions', responses: [new Answer(200, CautionListJson::class)])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new CautionListJson(array_map(CautionJson::of(...), Caution::cases())));
    }
}
