<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Athletes\AthleteKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Simulation\ResponseModel;

/**
 * An invented athlete of the demo: body, true capacity at the start as a share of bodyweight, how it answers to training, and how the weeks
 * end.
 */
final readonly class DemoAthlete
{
    public function __construct(
        public string $name,
        public AthleteKind $kind,
        public float $massKg,
        public float $statureM,
        public ?float $reachM,
        public float $capacityShare,
        public ResponseModel $model,
        public DemoEnding $ending = DemoEnding::Ordinary,
        public int $weeks = 16,
        public Lane $lane = Lane::Pull,
        public ?string $stage = null,
        /** @var list<string> */
        public array $evenings = [DemoEvening::THURSDAY],
    ) {
    }
}
