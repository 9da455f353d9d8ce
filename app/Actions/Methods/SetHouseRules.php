<?php

declare(strict_types=1);

namespace App\Actions\Methods;

use App\Actions\Calls\RemakeCalls;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;

/**
 * Settles the disputed points for the gym; open calls are made anew.
 */
final readonly class SetHouseRules
{
    public function __construct(private CurrentGym $gym, private RemakeCalls $calls)
    {
    }

    public function settle(HouseRules $rules): void
    {
        $chosen = array_filter(
            $rules->all(),
            static fn (string $position, string $key): bool => HouseRule::from($key)->default() !== $position,
            ARRAY_FILTER_USE_BOTH,
        );
        Gym::query()->findOrFail($this->gym->id())->fill(['house_rules' => (object) $chosen])->save();
        $this->gym->enter($this->gym->id());
        $this->calls->afterRuleChange();
    }
}
