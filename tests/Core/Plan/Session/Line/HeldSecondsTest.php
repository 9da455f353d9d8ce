<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\StrictPull;
use SteadyRung\Exercise\Exercise;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Exercise\Style\Movement;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Measure;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Line\HeldSeconds;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/../../../Support/plan.php';

/** A hold on top, or a lowering, on the high bar. */
function timed(Movement $movement, ?HoldAt $at = null): SteadyRung\Exercise\Rung
{
    return rung(smallGym(), Exercise::of(new StrictPull, $movement, $at, 10.0), athlete(70, 1.75, 2.1));
}

it('asks a hold on from the longest that was measured, never under what is asked', function (
    array $held,
    array $asked,
    string $measured,
): void {
    $top = timed(Movement::Hold, HoldAt::Top);
    $done = array_map(
        fn (float $s, int $i): object => done(WEDNESDAY - 9 + 3 * $i, $top, null, null, seconds: $s),
        $held,
        array_keys($held),
    );
    $seconds = HeldSeconds::of(athleteContext($done), $top, Amount::of(Measure::Seconds, 10, 20));

    expect([$seconds->amount->low, $seconds->amount->high])->toBe($asked)->and($seconds->measured)->toBe($measured);
})->with([
    'a little more each time' => [[4.0], [4, 5], 'Longest 4 s.'],
    'the longest, not the last' => [[8.0, 6.5], [8, 10], 'Longest 8 s, last 6.5 s.'],
    'two seconds at least' => [[1.0], [2, 2], 'Longest 1 s.'],
    'no more than the end of what is asked' => [[9.9], [9, 12], 'Longest 9.9 s.'],
    'as asked where it was held' => [[12.0], [10, 20], 'Longest 12 s.'],
]);

it('asks a hang on from the longest hang, and a hold nobody saw for as long as is likely', function (): void {
    $hang = timed(Movement::Hold, HoldAt::Hang);
    $asked = Amount::of(Measure::Seconds, 30, 40);
    $after = HeldSeconds::of(athleteContext([hang(WEDNESDAY - 5, 22.5)]), $hang, $asked);
    $weak = HeldSeconds::of(athleteContext(sessionsOn(bandRung(44), 6, 4, 0)), timed(Movement::Hold, HoldAt::Top), $asked);
    $strong = HeldSeconds::of(athleteContext(sessionsOn(bandRung(13), 6, 30, 2)), timed(Movement::Hold, HoldAt::Top), $asked);

    expect([$after->amount->low, $after->amount->high])->toBe([22, 27])->and($after->measured)->toBe('Longest 22.5 s.')
        ->and($weak->amount->high)->toBeLessThan(30)->and($weak->amount->low)->toBeGreaterThanOrEqual(2)->and($weak->measured)->toBeNull()
        ->and($strong->amount)->toBe($asked);
});

it('shows what was measured in the place of what is likely', function (): void {
    $lowering = rung(smallGym(), Exercise::of(new StrictPull, Movement::Lowering, seconds: 3.0), athlete(70, 1.75, 2.1));
    $strong = sessionsOn(bandRung(13), 6, 9, 2);
    $of = fn (array $more): Block => blocksOf(
        SessionWriter::write(athleteContext([...$strong, ...$more], 'lowering', $lowering)),
        SessionPart::Main,
    )[0];
    $measured = $of([done(WEDNESDAY - 3, $lowering, 3, null, seconds: 2.5)]);

    expect($of([])->seconds)->not->toBeNull()
        ->and($measured->seconds)->toBeNull()->and($measured->note)->toContain('Longest 2.5 s each.')
        ->and($measured->amount->high)->toBe($of([])->amount->high);
});
