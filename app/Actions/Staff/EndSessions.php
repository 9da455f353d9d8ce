<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;

/**
 * Signs somebody out where they are signed in, and forgets on what devices they were known.
 */
final readonly class EndSessions
{
    public function __construct(private ConnectionInterface $db)
    {
    }

    /** @param  string|null  $but  a session that goes on */
    public function of(User $member, ?string $but = null): void
    {
        $this->db->table('sessions')->where('user_id', $member->id)->where('id', '<>', $but ?? '')->delete();
        $this->db->table('known_devices')->where('user_id', $member->id)->delete();
    }

    /** One of them, by the hash it is listed under. @throws Problem if it is over */
    public function one(User $member, string $hash): void
    {
        $this->db->table('sessions')->where('user_id', $member->id)->whereRaw("encode(sha256(id::bytea), 'hex') = ?", [$hash])->delete()
            || throw new Problem(ProblemCode::NotFound, 'Nobody is signed in there any more.');
    }
}
