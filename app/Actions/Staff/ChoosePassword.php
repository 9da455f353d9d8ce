<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Context\Gym\CurrentGym;
use App\Models\Gym\PasswordLink;
use App\Models\Gym\User;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Gives whom a link was sent to the password they chose. It signs them out everywhere and ends every link they were sent.
 */
final readonly class ChoosePassword
{
    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private EndSessions $sessions,
        private ClockInterface $clock,
    ) {
    }

    /** @throws Problem if the link has ended, or whom it was sent to has left */
    public function member(PasswordLink $link): User
    {
        $this->gym->enter($link->gym_id);
        $member = User::query()->with('gym')->where('gym_id', $link->gym_id)->whereNull('left_at')->find($link->user_id);

        return $link->isOpen($this->clock->now()) && $member !== null ? $member : throw self::ended();
    }

    /** @throws Problem if the link has ended, or whom it was sent to has left */
    public function choose(PasswordLink $link, #[\SensitiveParameter] string $password): User
    {
        return $this->db->transaction(function () use ($link, $password): User {
            $this->gym->enter($link->gym_id);
            $member = $this->member(PasswordLink::query()->lockForUpdate()->findOrFail($link->id));
            $member->fill(['password' => $password])->save();
            PasswordLink::query()->where('user_id', $member->id)->whereNull('ended_at')->update(['ended_at' => $this->clock->now()]);
            $this->sessions->of($member);

            return $member;
        });
    }

    public static function ended(): Problem
    {
        return new Problem(ProblemCode::LinkEnded, 'This link was used or has ended, or was never one. Ask for a new one.');
    }
}
