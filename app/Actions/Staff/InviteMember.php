<?php

declare(strict_types=1);

namespace App\Actions\Staff;

use App\Actions\InsertOnce;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\LinkPurpose;
use App\Models\Gym\User;
use App\Problems\Problem;
use Illuminate\Contracts\Bus\Dispatcher;
use Illuminate\Database\ConnectionInterface;

/**
 * Asks somebody to work in the gym, or asks again: who left comes back, who came with an export gets in. They are sent a link by mail, and
 * it can be handed to them as well.
 */
final readonly class InviteMember
{
    private const MOST = 50;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private SendPasswordLink $links,
        private Dispatcher $bus,
    ) {
    }

    /** @throws Problem if the email has an account that is in use, the id is another's, or there are too many */
    public function invite(MemberInvited $invited): LinkSent
    {
        return $this->db->transaction(function () use ($invited): LinkSent {
            Gym::query()->lockForUpdate()->findOrFail($this->gym->id());
            $here = User::query()->where('gym_id', $this->gym->id())->where('email', $invited->email)->first();
            if ($here?->isHere() === true) {
                throw Problem::invalid('/email', 'With this email there is an account already.');
            }
            $member = $here ?? $this->member($invited);
            $member->fill([
                'name' => $invited->name,
                'role' => $invited->role,
                'password' => User::NO_PASSWORD,
                'left_at' => null,
            ])->save();
            $this->bus->dispatch((new MailInvitationJob($this->gym->id(), $member->id))->afterCommit());

            return $this->links->make($member, LinkPurpose::Invitation);
        });
    }

    private function member(MemberInvited $invited): User
    {
        if (User::query()->whereKey($invited->id)->exists()) {
            throw InsertOnce::taken();
        }
        if (User::query()->where('gym_id', $this->gym->id())->count() >= self::MOST) {
            throw Problem::invalid('/name', sprintf('%d people have an account, and no more can.', self::MOST));
        }

        return new User(['id' => $invited->id, 'gym_id' => $this->gym->id(), 'email' => $invited->email]);
    }
}
