<?php

declare(strict_types=1);

namespace App\Http\Controllers\Staff;

use App\Context\Gym\CurrentGym;
use App\Devices\Letter;
use App\Devices\Mailbox;
use App\Http\Docs\Answer;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Responses\Staff\LetterResponse;
use App\Responses\Staff\MailboxResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/**
 * The letters of the demo, which sends none.
 */
final class MailboxController
{
    private const MOST = 50;

    #[OA\Get(
        path: '/api/v1/mailbox',
        operationId: 'mailbox',
        description: 'In the demo, where no mail server is set.',
        responses: [new Answer(200, MailboxResponse::class)],
    )]
    public function __invoke(CurrentGym $gym, Mailbox $mailbox): JsonResponse
    {
        if (! $gym->gym()->is_demo || config('mail.default') !== 'mailbox') {
            throw new Problem(ProblemCode::NotFound, 'Only the demo shows its letters.');
        }

        return new JsonResponse(new MailboxResponse(array_map(
            static fn (Letter $letter): LetterResponse => new LetterResponse($letter->to, $letter->subject, $letter->sentAt, $letter->text),
            $mailbox->letters(self::MOST),
        )));
    }
}
