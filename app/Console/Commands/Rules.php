<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Context\Athletes\LoadAthleteContext;
use App\Context\Gym\CurrentGym;
use App\Models\Athletes\Athlete;
use App\Models\Gym\Gym;
use Illuminate\Console\Command;
use SteadyRung\Call\House\RuleEffects;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Plan\Context\AthleteContext;

/**
 * What each position of each house rule would change for the athletes who trained last.
 */
final class Rules extends Command
{
    private const MOST_ATHLETES = 12;

    protected $signature = 'steady:rules';

    protected $description = 'Print what each position of each house rule would change in sessions, calls and cards';

    public function handle(CurrentGym $current, LoadAthleteContext $load): int
    {
        foreach (Gym::query()->orderBy('id')->get() as $gym) {
            $current->enter($gym->id);
            $contexts = $this->contexts($load);
            $this->line(sprintf('%s, %d athletes:', $gym->name, count($contexts)));
            foreach (HouseRule::cases() as $rule) {
                $this->rule($rule, $gym->houseRules(), $contexts);
            }
        }

        return self::SUCCESS;
    }

    /** @return array<string, AthleteContext> by name */
    private function contexts(LoadAthleteContext $load): array
    {
        $athletes = Athlete::trainedLast(self::MOST_ATHLETES);

        return $athletes->mapWithKeys(static fn (Athlete $a): array => [$a->name => $load->of($a)])->all();
    }

    /** @param  array<string, AthleteContext>  $contexts */
    private function rule(HouseRule $rule, HouseRules $now, array $contexts): void
    {
        foreach ($rule->positions() as $position => $words) {
            if ($now->says($rule, $position)) {
                continue;
            }
            $then = $now->with($rule, $position);
            $changed = array_filter(array_map(static fn (AthleteContext $c): array => RuleEffects::of($c, $then), $contexts));
            $this->line(sprintf('  %s: %s (%d of %d)', $rule->point(), $words, count($changed), count($contexts)));
            foreach ($changed as $name => $effects) {
                $this->line("    $name: ".implode(' ', $effects));
            }
        }
    }
}
