<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Staff\SecondFactor;
use App\Actions\Staff\SendPasswordLink;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\LinkPurpose;
use App\Models\Gym\User;
use Illuminate\Console\Command;

final class LetIn extends Command
{
    protected $signature = 'steady:let-in {email : of who cannot sign in any more}';

    protected $description = 'Make a link by which somebody chooses a new password, without the code of a phone they lost';

    public function handle(CurrentGym $gym, SendPasswordLink $links, SecondFactor $factor): int
    {
        $email = $this->argument('email');
        $members = User::query()->with('gym')->where('email', is_string($email) ? mb_strtolower($email) : '')->whereNull('left_at')
            ->orderBy('id')->limit(User::MOST_GYMS)->get();
        foreach ($members as $member) {
            $gym->enter($member->gym);
            $factor->end($member);
            $this->line("{$member->gym->name}, {$member->name}: ".config('app.url').$links->make($member, LinkPurpose::Forgotten)->path());
        }
        $members->isNotEmpty() || $this->error('Nobody works here under this address.');

        return $members->isNotEmpty() ? self::SUCCESS : self::FAILURE;
    }
}
