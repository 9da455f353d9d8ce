<?php

declare(strict_types=1);

namespace App\Queries\Staff;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\User;
use App\Responses\Staff\MemberResponse;
use App\Responses\Staff\StaffResponse;
use Illuminate\Database\ConnectionInterface;

/**
 * Who works here, and when they were last seen.
 */
final readonly class StaffQuery
{
    private const MOST = 100;

    public function __construct(private CurrentGym $gym, private ConnectionInterface $db)
    {
    }

    public function all(): StaffResponse
    {
        $members = User::query()->where('gym_id', $this->gym->id())
            ->orderByRaw('left_at IS NOT NULL, name, id')->limit(self::MOST)->get();
        $seen = $this->db->table('sessions')->whereIn('user_id', $members->modelKeys())
            ->groupBy('user_id')->selectRaw('user_id, max(last_activity) AS seen')->pluck('seen', 'user_id');

        return new StaffResponse(array_values(
            $members->map(static fn (User $u): MemberResponse => MemberResponse::of($u, $seen->get($u->id)))->all(),
        ));
    }
}
