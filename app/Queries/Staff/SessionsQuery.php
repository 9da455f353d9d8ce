<?php

declare(strict_types=1);

namespace App\Queries\Staff;

use App\Models\Gym\User;
use App\Responses\Staff\SessionListResponse;
use App\Responses\Staff\SignedInResponse;
use Illuminate\Database\ConnectionInterface;

/**
 * Where somebody is signed in.
 */
final readonly class SessionsQuery
{
    private const MOST = 50;

    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @param  string  $here  the session that asks; it is told by a hash, for its id opens everything */
    public function of(User $member, string $here): SessionListResponse
    {
        $rows = $this->db->table('sessions')->where('user_id', $member->id)
            ->orderByDesc('last_activity')->orderBy('id')->limit(self::MOST)->get(['id', 'agent', 'began_at', 'last_activity']);

        return new SessionListResponse(array_values($rows->map(static fn (\stdClass $row): SignedInResponse => new SignedInResponse(
            id: hash('sha256', $row->id),
            agent: $row->agent,
            began_at: date(DATE_ATOM, $row->began_at),
            seen_at: date(DATE_ATOM, $row->last_activity),
            here: $row->id === $here,
        ))->all()));
    }
}
