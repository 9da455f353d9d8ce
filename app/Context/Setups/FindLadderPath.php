<?php

declare(strict_types=1);

namespace App\Context\Setups;

use App\Context\Kit\GymKit;
use App\Models\Athletes\Athlete;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Ladder\Adviser;
use SteadyRung\Ladder\LadderPath;
use SteadyRung\Ladder\LadderStart;
use SteadyRung\Ladder\SteadyLadder;
use SteadyRung\Ladder\Steps;
use SteadyRung\Setup\DoesNotFit;
use SteadyRung\Strength\Estimate;

/**
 * The one list of rungs: what an athlete can be put on today with this gym's gear. It is searched once for a body and a kit,
 * kept, and looked at by ladder, call and set-up lists alike.
 */
final readonly class FindLadderPath
{
    public function __construct(private GymKit $kit, private KeptAnswers $kept, private LaneCandidates $candidates)
    {
    }

    /** Within what the athlete's screen allows. */
    public function search(Athlete $athlete): RungSearch
    {
        return new RungSearch($this->kit->inUse(), $athlete->limits());
    }

    /** Whatever the gear allows, what is out for today too: what was done is taken down, and pain needs a set-up to be drawn on. */
    public function anything(Exercise $exercise): RungSearch
    {
        return new RungSearch($this->kit->of($exercise));
    }

    /** The set-up in use as far as it can be built today, else why not; null where none was chosen. */
    public function standing(Athlete $athlete): Rung|DoesNotFit|null
    {
        return $this->search($athlete)->standing($athlete->chosen, $athlete->toCore());
    }

    /** The way up in a lane and the rung below, from the rung in use; else from what is believed, with where to begin. */
    public function way(
        Athlete $athlete,
        Lane $lane,
        ?Rung $now,
        Estimate $estimate,
        ?Rung $tried = null,
        ?float $goalShare = null,
        ?int $mostRungs = null,
        bool $advice = false,
    ): StoredLadderPath {
        $body = $athlete->toCore();
        $search = $this->search($athlete);
        $now = $now?->lane() === $lane ? $now : null;
        $from = $now?->key() ?? LadderStart::estimates($estimate);
        $found = $this->kept->to(
            ['way', $lane->value, $from, $tried?->key(), $goalShare, $mostRungs, $advice, $search->limits->key()],
            $body,
            fn (): array => $this->find(
                search: $search,
                body: $body,
                lane: $lane,
                now: $now,
                estimate: $estimate,
                tried: $tried,
                goalShare: $goalShare,
                mostRungs: $mostRungs,
                advice: $advice,
            ),
        );

        return StoredLadderPath::read($found, $now, $search, $body);
    }

    public function steps(Rung $now, Athlete $athlete, Estimate $estimate): Steps
    {
        return $this->way($athlete, $now->lane(), $now, $estimate)->steps($now);
    }

    /** @return array<string, mixed> */
    private function find(
        RungSearch $search,
        Body $body,
        Lane $lane,
        ?Rung $now,
        Estimate $estimate,
        ?Rung $tried,
        ?float $goalShare,
        ?int $mostRungs,
        bool $advice,
    ): array {
        $way = LadderPath::of(
            search: $search,
            body: $body,
            lane: $lane,
            candidates: $this->candidates->in($lane, $search, $body, $now?->exercise),
            now: $now,
            estimate: $estimate,
            goalShare: $goalShare,
            mostRungs: $mostRungs,
        );
        $through = static fn (array $rungs): SteadyLadder => SteadyLadder::through(
            array_values($rungs),
            $way->fromShare,
            $way->toShare,
            Steps::SMALLEST,
            $mostRungs ?? LadderPath::USUAL_RUNGS,
        );
        $start = $now === null ? LadderStart::rung($search, $body, $lane, $way->ladder->rungs, $tried, $estimate) : null;

        return StoredLadderPath::write(
            $way,
            $start,
            $advice ? (new Adviser($search, $body, $now?->exercise))->advise($lane, $way->ladder, $through)?->text : null,
        );
    }
}
