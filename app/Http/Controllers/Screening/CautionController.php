<?php

declare(strict_types=1);

namespace App\Http\Controllers\Screening;

use App\Formats\Json\Safety\CautionJson;
use App\Formats\Json\Safety\CautionListJson;
use App\Http\Docs\Answer;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Caution;

final class CautionController
{
    #[OA\Get(path: '/api/v1/cautions', operationId: 'cautions', responses: [new Answer(200, CautionListJson::class)])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new CautionListJson(array_map(CautionJson::of(...), Caution::cases())));
    }
}
