<?php

declare(strict_types=1);

namespace App\Queries\Floor;

use App\Context\Athletes\LoadAthleteContext;
use App\Context\Floor\KeptSheets;
use App\Models\Athletes\Athlete;
use App\Queries\Screening\ScreeningQuery;
use App\Responses\Floor\ConcernResponse;
use App\Responses\Floor\SheetLineResponse;
use App\Responses\Floor\SheetResponse;
use App\Responses\Log\LoweringLeftResponse;
use App\Responses\Sessions\RefusalResponse;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Rung;
use SteadyRung\Floor\Readiness;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Line\LoweringsLeft;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\SessionWriter;

/**
 * The sessions of a day on the floor.
 */
final readonly class SheetQuery
{
    private const MOST_OTHERS = 5;

    public function __construct(private LoadAthleteContext $contexts, private ScreeningQuery $screens, private KeptSheets $kept)
    {
    }

    /**
     * @param  list<Athlete>  $athletes
     * @param  array<string, bool>  $begun  athletes who have sets of that day
     * @return array<string, SheetResponse|\stdClass> by athlete, as written or as kept
     */
    public function of(array $athletes, string $on, array $begun): array
    {
        if ($athletes === []) {
            return [];
        }
        $byId = array_column($athletes, null, 'id');

        return $this->kept->of(array_keys($byId), $on, $begun, fn (string $id): SheetResponse => $this->write($byId[$id], $on));
    }

    /**
     * The nearest, and of pulls the unassisted one too: a mixed set begins on it.
     *
     * @param  list<Rung>  $nearest
     * @return list<Rung>
     */
    private static function others(Block $block, array $nearest, AthleteContext $context): array
    {
        $others = array_slice($nearest, 0, self::MOST_OTHERS);
        $strict = $block->rung()?->lane() === Lane::Pull ? $context->ways->rung(Exercise::of(new StrictPull)) : null;
        $keys = array_map(static fn (Rung $r): string => $r->key(), array_filter([...$others, $block->rung()]));

        return $strict instanceof Rung && ! in_array($strict->key(), $keys, true) ? [...$others, $strict] : $others;
    }

    private function write(Athlete $athlete, string $on): SheetResponse
    {
        $context = $this->contexts->of($athlete, on: $on)->beforeToday();
        $session = SessionWriter::write($context);
        $concern = Readiness::of($context, $session, $this->screens->due($athlete));
        $pick = new Pick($context);
        $others = static fn (Block $b): array => array_map(
            static fn (Rung $r): array => [$r, $context->estimate($r)->onRung($r)],
            self::others($b, $pick->insteadOf($b->line, $session), $context),
        );

        return new SheetResponse(
            lines: array_map(
                static fn (Block $b): SheetLineResponse => SheetLineResponse::of($b, $athlete->toCore(), $others($b)),
                $session->blocks,
            ),
            remarks: $session->notes,
            minutes: $session->minutes(),
            concern: $concern === null ? null : ConcernResponse::of($concern),
            refused: $session->refused === null ? null : RefusalResponse::of($session->refused),
            lowerings: LoweringLeftResponse::of(LoweringsLeft::of($context)),
            stage: $session->place->stage->name,
        );
    }
}
