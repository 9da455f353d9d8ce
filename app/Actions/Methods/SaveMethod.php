<?php

declare(strict_types=1);

namespace App\Actions\Methods;

use App\Context\Gym\CurrentGym;
use App\Context\Kit\GymKit;
use App\Formats\Json\Methods\MethodJson;
use App\Formats\Methods\Catalogue;
use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use App\Models\Methods\OwnMethod;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Illuminate\Support\Str;
use Psr\Clock\ClockInterface;
use SteadyRung\Method\Method;
use SteadyRung\Method\Needs;

/**
 * Keeps a gym's own method: copied, edited or brought in; saving the same again changes nothing.
 */
final readonly class SaveMethod
{
    public function __construct(private CurrentGym $gym, private GymKit $kit, private ClockInterface $clock)
    {
    }

    /** @throws Problem if the key is a shipped method's, or the gym lacks the gear for a stage */
    public function check(Method $method): void
    {
        if (Catalogue::has($method->key)) {
            throw Problem::invalid('/key', 'This key belongs to a method that ships with the product. Give the copy a key of its own.');
        }
        $lacking = Needs::lackingStages($method, $this->kit->inUse());
        if ($lacking !== []) {
            throw Problem::invalid(
                '/stages',
                sprintf('The kit has nothing for: %s. Give the stage another means, or add the gear first.', implode(', ', $lacking)),
            );
        }
    }

    /** @throws Problem likewise, or if there are too many */
    public function keep(Method $method, User $coach): OwnMethod
    {
        $this->check($method);
        $own = OwnMethod::query()->where('key', $method->key)->first()
            ?? new OwnMethod(['id' => (string) Str::uuid7(), 'gym_id' => $this->gym->id(), 'key' => $method->key]);
        if (! $own->exists && OwnMethod::query()->count() >= OwnMethod::MOST) {
            throw Problem::invalid('/key', sprintf('A gym keeps %d methods of its own at the most. Drop one first.', OwnMethod::MOST));
        }
        $own->fill(['body' => MethodJson::of($method), 'user_id' => $coach->id, 'saved_at' => $this->clock->now()])->save();

        return $own;
    }

    /** @throws Problem if an athlete is on it */
    public function drop(string $key): void
    {
        $own = OwnMethod::query()->where('key', $key)->firstOrFail();
        $on = Athlete::query()->where('method_key', $key)->whereNull('archived_at')->count();
        if ($on > 0) {
            throw new Problem(
                ProblemCode::MethodInUse,
                sprintf('%d %s on it. Assign another method first.', $on, $on === 1 ? 'athlete is' : 'athletes are'),
            );
        }
        $own->delete();
    }
}
