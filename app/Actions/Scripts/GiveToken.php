<?php

declare(strict_types=1);

namespace App\Actions\Scripts;

use App\Actions\Inserted;
use App\Actions\InsertOnce;
use App\Context\Athletes\LinkToken;
use App\Context\Athletes\LinkUse;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use App\Models\Gym\User;
use App\Models\Scripts\ApiToken;
use App\Models\Scripts\Scope;
use App\Problems\Problem;
use Illuminate\Database\ConnectionInterface;
use Psr\Clock\ClockInterface;

/**
 * Lets a script in, or no longer. What it shows is told to who made it, and only a hash of it is kept.
 */
final readonly class GiveToken
{
    public const MOST_OPEN = 20;

    public function __construct(
        private ConnectionInterface $db,
        private CurrentGym $gym,
        private InsertOnce $storeOnce,
        private LinkToken $tokens,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return Inserted<ApiToken>
     *
     * @throws Problem if the id holds another token, or there are too many
     */
    public function give(User $owner, TokenGiven $given): Inserted
    {
        return $this->db->transaction(function () use ($owner, $given): Inserted {
            Gym::query()->lockForUpdate()->findOrFail($this->gym->id());
            $now = $this->clock->now();

            return $this->storeOnce->store(new ApiToken([
                'id' => $given->id,
                'user_id' => $owner->id,
                'name' => $given->name,
                'token' => ApiToken::hash($this->told($given->id)),
                'scopes' => array_map(static fn (Scope $s): string => $s->value, $given->scopes),
                'made_at' => $now,
                'expires_at' => $now->modify("+$given->days days"),
            ]), $given, complete: $this->refuseTooMany(...));
        });
    }

    /** What the script shows. It is made of its id and told again where the same command comes again, for an answer may be lost. */
    public function told(string $id): string
    {
        return $this->tokens->of($id, LinkUse::Script);
    }

    public function end(string $id): void
    {
        $token = ApiToken::query()->findOrFail($id);
        $token->fill(['ended_at' => $token->ended_at ?? $this->clock->now()])->save();
    }

    private function refuseTooMany(): void
    {
        if (ApiToken::query()->whereNull('ended_at')->where('expires_at', '>', $this->clock->now())->count() >= self::MOST_OPEN) {
            throw Problem::invalid('/name', sprintf('%d tokens are open, and no more can be. End one first.', self::MOST_OPEN));
        }
    }
}
