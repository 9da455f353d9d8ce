<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Json\Setups\SetupJson;
use SteadyRung\Exercise\Rung;
use SteadyRung\Setup\CarriedLoad;

/**
 * The steadiest ladder, its rungs in the form that the topic "carried" takes.
 */
final readonly class LadderAnswer
{
    /** @param  list<array{setup: array<string, mixed>, name: string, share: float, carried_kg: float}>  $rungs */
    private function __construct(
        public array $rungs,
        public float $largest_step,
        public int $candidates,
        public bool $reaches_goal,
        public ?string $advice,
    ) {
    }

    public static function of(LadderQuestion $request): self
    {
        $ladder = $request->ladder();

        return new self(
            array_map(static fn (Rung $rung): array => [
                'setup' => SetupJson::of($rung->setup),
                'name' => $rung->name,
                'share' => $rung->share(),
                'carried_kg' => CarriedLoad::kg($rung->load->meanN),
            ], $ladder->rungs),
            $ladder->largestStep,
            $ladder->candidates,
            $ladder->reachesGoal,
            $request->advice($ladder)?->text,
        );
    }
}
