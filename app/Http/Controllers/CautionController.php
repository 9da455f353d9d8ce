<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\CoreJson\CautionAnswer;
use App\Http\Docs\Answer;
use App\Http\Resources\CautionList;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use SteadyRung\Safety\Caution;

final class CautionController
{
    #[OA\Get(path: '/api/cautions', operationId: 'cautions', responses: [new Answer(200, CautionList::class)])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(new CautionList(array_map(CautionAnswer::of(...), Caution::cases())));
    }
}
