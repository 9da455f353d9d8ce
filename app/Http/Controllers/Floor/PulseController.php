<?php

declare(strict_types=1);

namespace App\Http\Controllers\Floor;

use App\Context\Floor\ChangeFeed;
use App\Context\Floor\ChangeTicket;
use App\Context\Gym\CurrentGym;
use App\Http\Docs\Answer;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Responses\Floor\LatestChangeResponse;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/**
 * Asked every second by every device of a class; a running instance answers it through its own short way, public/pulse.php.
 */
final readonly class PulseController
{
    public function __construct(private ChangeTicket $pulse, private ConnectionInterface $db)
    {
    }

    #[OA\Get(
        path: '/api/v1/pulse/{ticket}',
        operationId: 'pulse',
        description: 'Whether there is news at all: asked often, and by the ticket of a class day alone.',
        responses: [new Answer(200, LatestChangeResponse::class)],
    )]
    public function __invoke(string $ticket): JsonResponse
    {
        $gym = new CurrentGym;
        $gym->enter($this->pulse->gymOf($ticket) ?? throw new Problem(ProblemCode::NotFound, 'There is no such ticket.'));

        return new JsonResponse(new LatestChangeResponse((new ChangeFeed($this->db, $gym))->latest()));
    }
}
