<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\PasswordLink;
use App\Models\Gym\Role;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Gives somebody who works here another role, or lets them go. A gym always has an owner who can sign in.
 */
final readonly class ChangeMember
{
    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private EndSessions $sessions,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Problem if nobody of the gym has the id, or it would be left without an owner */
    public function toRole(string $memberId, Role $role): User
    {
        return $this->during($memberId, function (User $member) use ($role): void {
            $member->role = $role;
        });
    }

    /** What they logged and decided stays theirs. @throws Problem as above */
    public function leaves(string $memberId): User
    {
        return $this->during($memberId, function (User $member): void {
            $member->fill([
                'left_at' => $member->left_at ?? $this->clock->now(),
                'password' => User::NO_PASSWORD,
                ...SecondFactor::NONE,
            ]);
            PasswordLink::query()->where('user_id', $member->id)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
            $this->sessions->of($member);
        });
    }

    /**
     * Whoever lost their phone signs in with the password alone until they set it up again.
     *
     * @throws Problem as above, or if it is one's own, which a code ends
     */
    public function withoutSecondFactor(string $memberId, User $by): User
    {
        if ($memberId === $by->id) {
            throw new Problem(ProblemCode::NotAllowed, 'End your own under Settings, with a code of your phone or a recovery code.');
        }

        return $this->during($memberId, fn (User $member): User => $member->fill(SecondFactor::NONE));
    }

    /** @param  \Closure(User): mixed  $change */
    private function during(string $memberId, \Closure $change): User
    {
        return $this->db->transaction(function () use ($memberId, $change): User {
            Gym::query()->lockForUpdate()->findOrFail($this->gym->id());
            $member = User::query()->where('gym_id', $this->gym->id())->findOrFail($memberId);
            $change($member);
            $member->save();
            $owners = User::query()->where('gym_id', $this->gym->id())->where('role', Role::Owner)->get();
            if (! $owners->contains(static fn (User $owner): bool => $owner->isHere())) {
                throw new Problem(ProblemCode::LastOwner, 'A gym needs an owner who can sign in. Make somebody else owner first.');
            }

            return $member;
        });
    }
}
