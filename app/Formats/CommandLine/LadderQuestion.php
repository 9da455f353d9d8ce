<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

use App\Formats\Json\Read;
use App\Formats\JsonObject;
use SteadyRung\Body\Body;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Ladder\Advice;
use SteadyRung\Ladder\Adviser;
use SteadyRung\Ladder\SteadyLadder;
use SteadyRung\Ladder\Steps;
use SteadyRung\OutOfRange;

/**
 * A question for the steadiest ladder in a lane, and its answer.
 */
final readonly class LadderQuestion
{
    private const SMALLEST_STEP = [0.001, 0.5];

    public const MOST_RUNGS = [1.0, 50.0];

    private function __construct(
        private Body $body,
        private RungSearch $search,
        private Lane $lane,
        private float $fromShare,
        private float $toShare,
        private float $smallestStep,
        private ?int $mostRungs,
    ) {
    }

    public static function read(JsonObject $json): self
    {
        $json->allowing('body', 'kit', 'from_share', 'to_share', 'lane', 'smallest_step', 'most_rungs');
        $lane = self::lane($json);
        $smallest = $json->optionalNumber('smallest_step') ?? Steps::SMALLEST;
        $most = $json->optionalInteger('most_rungs');
        $json->build(
            static fn () => OutOfRange::guard([
                'smallest_step' => [$smallest, self::SMALLEST_STEP],
                'most_rungs' => [$most, self::MOST_RUNGS],
            ]),
        );

        return new self(
            body: Read::body($json->object('body')),
            search: new RungSearch(Read::kit($json->object('kit'))),
            lane: $lane,
            fromShare: Read::share($json, 'from_share'),
            toShare: Read::share($json, 'to_share'),
            smallestStep: $smallest,
            mostRungs: $most,
        );
    }

    /** A lane that has a ladder. */
    public static function lane(JsonObject $json): Lane
    {
        $lane = $json->choice('lane', Lane::class);

        return $lane !== Lane::Seconds ? $lane : throw $json->fault('lane', 'A ladder climbs in the pull, the row or the pull-down lane.');
    }

    public function ladder(): SteadyLadder
    {
        return $this->through($this->search->lane($this->lane, $this->body));
    }

    public function advice(SteadyLadder $ladder): ?Advice
    {
        return (new Adviser($this->search, $this->body))->advise($this->lane, $ladder, $this->through(...));
    }

    /** @param  list<Rung>  $candidates */
    private function through(array $candidates): SteadyLadder
    {
        return SteadyLadder::through($candidates, $this->fromShare, $this->toShare, $this->smallestStep, $this->mostRungs);
    }
}
