<?php

declare(strict_types=1);

namespace App\Actions\Methods;

use App\Actions\Calls\RemakeCalls;
use App\Context\Gym\CurrentGym;
use App\Models\Gym\Gym;
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
        Gym::query()->findOrFail($this->gym->id())->fill(['house_rules' => (object) $rules->chosen()])->save();
        $this->gym->enter($this->gym->id());
        $this->calls->afterRuleChange();
    }
}
