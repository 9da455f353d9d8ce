<?php

declare(strict_types=1);

use SteadyRung\Call\Call;
use SteadyRung\Call\PlaceAfter;
use SteadyRung\Call\Rules\Judge;
use SteadyRung\Call\Situation\SituationOf;
use SteadyRung\Call\Verdict;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Course;
use SteadyRung\Plan\Session\Pick;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/Support/situations.php';

const AS_SHARE = 1e-6;

/** Work that the athlete is asked for, warm-ups, tries and tests left out. */
function askedOf(Session $session): array
{
    return array_values(array_filter(
        $session->blocks,
        static fn (Block $b): bool => $b->purpose === null && $b->part !== SessionPart::WarmUp && $b->rung() !== null,
    ));
}

function mainOf(Session $session, AthleteContext $context): ?Block
{
    return array_values(array_filter(
        askedOf($session),
        static fn (Block $b): bool => $b->part === SessionPart::Main && $b->line === $context->place->stage->work()->key(),
    ))[0]
        ?? null;
}

function daysSinceWork(AthleteContext $context): ?int
{
    $days = $context->diary->workDays($context->today);

    return $days === [] ? null : $context->today - $days[count($days) - 1];
}

/** @return array<string, Closure(AthleteContext, Session, Call|null): bool> what never holds of any situation */
function faultsOfSituations(): array
{
    return [
        'a step down carries more' => static fn (AthleteContext $b, Session $s, ?Call $c): bool => $c?->verdict === Verdict::StepDown
            && $c->next->load->effectiveShare() > Course::of($b)->now->rung->load->effectiveShare() + AS_SHARE,
        'pain pauses nothing' => static fn (AthleteContext $b, Session $s, ?Call $c): bool => $b->diary->beside !== []
            && ($s->refused?->code !== RefusalCode::Paused || $c?->verdict !== Verdict::Refer),
        'who is sore lowers, tries or is tested' => static fn (AthleteContext $b, Session $s): bool => (
            $b->diary->soreness($b->today) ?? 0
        ) >= 4
            && array_filter($s->blocks, static fn (Block $k): bool => $k->lowerings() > 0 || $k->purpose !== null) !== [],
        'more is asked than is likely at all' => static fn (AthleteContext $b, Session $s): bool => array_filter(askedOf($s), static fn (Block $k): bool => $k->amount->measure === Measure::Reps
            && isset($k->expected[0]) && $k->amount->low > max(1.0, $k->expected[0]->high80())) !== [],
        'not one rep is likely' => static fn (AthleteContext $b, Session $s): bool => array_filter(askedOf($s), static fn (Block $k): bool => isset($k->expected[0])
            && $k->expected[0]->chanceOf(1.0) < ($k->rung()->exercise->isStrictPull() ? 0.25 : 0.5)) !== [],
        'seconds are asked of reps, or reps of seconds' => static fn (AthleteContext $b, Session $s): bool => array_filter(askedOf($s), static fn (Block $k): bool => (
            $k->amount->measure === Measure::Seconds
        )
            !== ($k->rung()->exercise->style->movement === Movement::Hold)) !== [],
        'after two weeks away it is harder than before' => static fn (AthleteContext $b, Session $s): bool => daysSinceWork($b) >= 14
            && daysSinceWork($b) < 28
            && $b->place->rung !== null
            && mainOf($s, $b) !== null
                && mainOf($s, $b)->rung()->load->effectiveShare() > $b->place->rung->load->effectiveShare() + AS_SHARE,
        'after four weeks away the old set-up goes on' => static fn (AthleteContext $b, Session $s): bool => daysSinceWork($b) >= 28
            && ! $b->isSore()
            && $s->refused === null
            && mainOf($s, $b) !== null
            && mainOf($s, $b)->rung()->exercise->setup->key() !== (new Pick($b))->of($b->place->stage->work())?->exercise->setup->key(),
        'of several means the hardest is begun with' => static function (AthleteContext $b, Session $s): bool {
            $main = $b->place->rung === null ? mainOf($s, $b) : null;
            if (
                ! isset($main->expected[0])
                || $main->rung()->exercise->isStrictPull()
                || $main->expected[0]->chanceOf((float) $main->amount->low) >= 0.5
            ) {
                return false;
            }
            $pick = new Pick($b);
            $others = array_merge([], ...array_map($pick->rungs(...), $pick->allowed($b->place->stage->work())));

            return array_filter(
                $others,
                static fn (Rung $r): bool => $r->load->effectiveShare() < $main->rung()->load->effectiveShare() - 0.02
                    && ! $r->exercise->style->movement->isTimed(),
            ) !== [];
        },
    ];
}

it('never hurts anybody, in situations drawn by chance', function (): void {
    $count = (int) (getenv('STEADY_SITUATIONS') ?: 1000);
    $seen = [];
    foreach ((new Situations((int) (getenv('STEADY_SEED') ?: 22)))->drawn($count) as $name => $context) {
        $session = SessionWriter::write($context);
        $course = Course::of($context);
        $situation = SituationOf::context($context, $course);
        $call = $situation === null ? null : Judge::call($situation);
        $call === null ? null : PlaceAfter::call($call, $course, $context->today);
        foreach (faultsOfSituations() as $fault => $isSo) {
            if ($isSo($context, $session, $call)) {
                $seen[$fault][] = $name;
            }
        }
    }

    expect(array_map(static fn (array $of): string => count($of).': '.implode(', ', array_slice($of, 0, 5)), $seen))->toBe([]);
});
