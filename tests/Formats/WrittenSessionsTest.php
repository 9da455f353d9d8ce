<?php

declare(strict_types=1);

use App\Formats\Methods\Catalogue;
use Random\Engine\Mt19937;
use Random\Randomizer;
use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Choices\Lane;
use SteadyRung\Exercise\Rung;
use SteadyRung\Exercise\Search\RungSearch;
use SteadyRung\Exercise\Style\HoldAt;
use SteadyRung\Method\SessionPart;
use SteadyRung\Plan\Context\AthleteContext;
use SteadyRung\Plan\Context\RefusalCode;
use SteadyRung\Plan\Context\SearchedRungs;
use SteadyRung\Plan\Session\Block;
use SteadyRung\Plan\Session\Session;
use SteadyRung\Plan\Session\SessionWriter;
use SteadyRung\Safety\CapLimits;
use SteadyRung\Safety\Caution;
use SteadyRung\Safety\Limit;
use SteadyRung\Safety\Limits;
use SteadyRung\Setup\WarningCode;

/** The ways of the small gym within limits, searched once for all methods. */
function waysWithin(Limits $limits): SearchedRungs
{
    static $searched = [];

    return $searched[$limits->key()] ??= new SearchedRungs(new RungSearch(smallGym(), $limits), athlete(70, 1.75, 2.1));
}

/**
 * @return list<array{string, Session, Limits}> the session of every stage of a method, each for athletes drawn by chance, with what the
 * case was
 */
function sessionsOfEveryStage(string $key, int $seed): array
{
    $random = new Randomizer(new Mt19937($seed));
    $method = Catalogue::method($key);
    $written = [];
    foreach ($method->stages as $stage) {
        foreach ([Limits::none(), ...array_map(fn (Limit $l) => Limits::of([$l]), Limit::cases()), Limits::of([], 0.7)] as $limits) {
            $rung = bandRung([13, 19, 22, 29, 32, 44][$random->getInt(0, 5)]);
            $done = [
                hang(WEDNESDAY - 30, (float) $random->getInt(5, 70)),
                ...sessionsOn($rung, $random->getInt(1, 6), $random->getInt(2, 12), $random->getInt(0, 4), $random->getInt(2, 5)),
            ];
            $asked = athleteContext($done, $stage->key, method: $method);
            $session = SessionWriter::write(new AthleteContext(
                $asked->today,
                $method,
                $asked->place,
                $asked->rules,
                $asked->diary,
                $asked->estimates,
                waysWithin($limits),
            ));
            $written[] = ["$key, $stage->key, {$limits->key()}", $session, $limits];
        }
    }

    return $written;
}

/** Whether a limit speaks against a rung, told without the code under test. */
function isBarredBy(Limits $limits, Rung $rung): bool
{
    $kind = $rung->exercise->setup->kind();
    $style = $rung->exercise->style;

    return ($limits->mostShare !== null && $rung->share() > $limits->mostShare + 1e-9)
        || ($limits->bars(Limit::NoHanging) && ($style->at === HoldAt::Hang || $kind === ChoiceKind::Strict))
        || ($limits->bars(Limit::NoOverhead) && $rung->lane() !== Lane::Row)
        || ($limits->bars(Limit::NoLowering) && $style->movement->value === 'lowering')
        || ($limits->bars(Limit::NoBandsAtHeight) && $kind === ChoiceKind::Band);
}

/** @return list<Caution> what has to stand beside a line at the least */
function dueCautions(Block $block): array
{
    $kind = $block->rung()?->exercise->setup->kind();

    return [
        ...($kind === ChoiceKind::Band ? [Caution::BandEntry, Caution::BandWear] : []),
        ...($block->rung()?->load->warns(WarningCode::FeetFlyUp) === true ? [Caution::StrongBand] : []),
        ...($kind === ChoiceKind::Row ? [Caution::HeelsGrip] : []),
        ...($kind === ChoiceKind::Foot ? [Caution::ClearLanding] : []),
        ...($kind === ChoiceKind::Added ? [Caution::BeltOnHips] : []),
        ...($kind === ChoiceKind::Hop ? [Caution::MuscleBreakdown, Caution::ClearLanding] : []),
        ...($block->lowerings() > 0 ? [Caution::LoweringSoreness] : []),
    ];
}

it('writes for every stage of every school only what fits the gear, the body, the limits and the caps, with its cautions', function (
    string $key,
): void {
    $lines = 0;
    foreach (sessionsOfEveryStage($key, 21) as [$case, $session, $limits]) {
        $order = array_map(fn (Block $b): int => array_search($b->part, SessionPart::cases(), true), $session->blocks);
        $sorted = $order;
        sort($sorted);
        expect($order)->toBe($sorted, $case)
            ->and($session->refused === null && $session->blocks === [])->toBeFalse($case)
            ->and(array_sum(array_map(
                fn (Block $b): int => $b->lowerings(),
                $session->blocks,
            )))->toBeLessThanOrEqual((new CapLimits)->loweringsASession, $case)
            ->and(array_unique($session->gear))->toBe($session->gear, $case);
        $work = array_filter($session->blocks, fn (Block $b): bool => $b->part !== SessionPart::WarmUp && $b->purpose === null && $b->begun === null);
        $done = array_map(fn (Block $b): string => $b->rung()?->key() ?? $b->words(), $work);
        expect(array_unique($done))->toBe($done, $case);
        foreach ($session->blocks as $block) {
            $lines++;
            expect($block->sets)->toBeGreaterThan(0, $case)
                ->and($block->amount->low)->toBeGreaterThan(0, $case)->toBeLessThanOrEqual($block->amount->high, $case)
                ->and(count($block->cues))->toBeLessThanOrEqual(3, $case)
                ->and(array_diff(
                    array_column(dueCautions($block), 'value'),
                    array_column($block->cautions, 'value'),
                ))->toBe([], "$case: {$block->words()}");
            $rung = $block->rung();
            if ($rung !== null) {
                $again = rung(smallGym(), $rung->exercise, athlete(70, 1.75, 2.1));
                expect(isBarredBy($limits, $rung))->toBeFalse("$case: $rung->name")
                    ->and($again->share())->toBe($rung->share(), "$case: $rung->name")
                    ->and($rung->holds() || $rung->exercise->setup->kind() === ChoiceKind::Hop)->toBeTrue("$case: $rung->name")
                    ->and($block->cues)->not->toBe([], "$case: $rung->name");
            }
        }
    }
    expect($lines)->toBeGreaterThan(20);
})->with(Catalogue::keys());

it('says what to do instead wherever nothing fits', function (string $key): void {
    foreach (sessionsOfEveryStage($key, 22) as [$case, $session]) {
        if ($session->refused !== null) {
            expect($session->refused->code)->toBe(RefusalCode::NothingFits, $case)->and($session->refused->text)->not->toBe('', $case);
        }
        expect($session->minutes())->toBeLessThan(150, $case);
    }
})->with(Catalogue::keys());
