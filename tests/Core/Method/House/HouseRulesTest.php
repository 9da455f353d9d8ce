<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Exercise\Style\Grip;
use SteadyRung\Method\Accessory;
use SteadyRung\Method\AllowedExercises;
use SteadyRung\Method\Amount;
use SteadyRung\Method\Gate;
use SteadyRung\Method\GripTier;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Measure;
use SteadyRung\Method\Prescription;
use SteadyRung\Method\SessionPart;

it('says of every rule what is disputed, what speaks for each side, and at least two positions in words', function (HouseRule $rule): void {
    $positions = $rule->positions();

    expect($rule->point())->not->toBe('')
        ->and(array_keys($rule->reasons()))->toBe(array_keys($positions))
        ->and(array_filter($rule->reasons(), static fn (string $reason): bool => ! str_ends_with($reason, '.')))->toBe([])
        ->and(count($positions))->toBeGreaterThanOrEqual(2)
        ->and($rule->default())->toBe(array_key_first($positions))
        ->and(array_unique($positions))->toHaveCount(count($positions));
})->with(HouseRule::cases());

it('stands by the defaults but where the gym said otherwise', function (): void {
    $ours = HouseRules::of(['kipping' => 'never', 'rest' => '60-s']);

    expect($ours->position(HouseRule::Kipping))->toBe('never')
        ->and($ours->says(HouseRule::Kipping, 'after-strict'))->toBeFalse()
        ->and($ours->position(HouseRule::Bands))->toBe(HouseRule::Bands->default())
        ->and(array_diff_assoc($ours->all(), HouseRules::usual()->all()))->toBe(['rest' => '60-s', 'kipping' => 'never'])
        ->and(array_keys(HouseRules::usual()->all()))->toBe(array_column(HouseRule::cases(), 'value'));
});

it('lowers as many days a week as the rule says', function (string $position, int $days): void {
    expect(HouseRules::of(['lowering' => $position])->loweringDays())->toBe($days);
})->with([['twice-capped', 2], ['each-session', 7], ['now-and-then', 1], ['never', 0]]);

it('rests by purpose, or as short as the gym wants it', function (string $position, int $usual, bool $isRow, int $restS): void {
    $line = Prescription::of(
        SessionPart::Main,
        [AllowedExercises::of($isRow ? ChoiceKind::Row : ChoiceKind::Strict)],
        3,
        Amount::of(Measure::Reps, 5),
        $usual,
    );

    expect(HouseRules::of(['rest' => $position])->restS($line, $isRow))->toBe($restS);
})->with([
    'a pull rests as its method says' => ['by-purpose', 180, false, 180],
    'a row no longer than a minute and a half' => ['by-purpose', 180, true, 90],
    'and no shorter than one' => ['by-purpose', 30, true, 60],
    'a minute for all' => ['60-s', 180, false, 60],
    'half of one for all' => ['20-30-s', 180, true, 30],
]);

it('leaves a rest that means something: inside a group, and before a hang as long as it goes', function (Prescription $line): void {
    expect(HouseRules::of(['rest' => '20-30-s'])->restS($line, false))->toBe($line->restS);
})->with([
    'the strict half of a mixed set' => [Prescription::of(
        SessionPart::Main,
        [AllowedExercises::of(ChoiceKind::Strict)],
        4,
        Amount::of(Measure::Reps, 2),
        0,
        group: 'A',
    )],
    'a plank to the end' => [Prescription::of(
        SessionPart::Trunk,
        Accessory::Plank,
        2,
        Amount::of(Measure::Seconds, 60),
        180,
        toFailure: true,
    )],
]);

it('keeps a rep in reserve unless sets go to failure here', function (string $position, int $reserve): void {
    expect(HouseRules::of(['failure' => $position])->reserve())->toBe($reserve);
})->with([['in-reserve', 1], ['three-quarters', 1], ['first-tracked', 0], ['every-set', 0]]);

it('trains no more often than rule and method allow', function (string $position, int $ofMethod, int $most): void {
    expect(HouseRules::of(['frequency' => $position])->mostPerWeek($ofMethod))->toBe($most);
})->with([['2-3', 3, 3], ['1-2', 3, 2], ['1-2', 1, 1], ['most-days', 3, 5], ['most-days', 6, 6]]);

it('leaves out bands and the under grip where the gym has no use for them', function (): void {
    [$usual, $strict] = [HouseRules::usual(), HouseRules::of(['bands' => 'avoid', 'chin-grip' => 'pull-only'])];

    expect([$usual->allowsBands(), $strict->allowsBands()])->toBe([true, false])
        ->and(array_map(fn (Grip $g): bool => $usual->allowsGrip($g), Grip::cases()))->not->toContain(false)
        ->and($strict->allowsGrip(Grip::Under))->toBeFalse()->and($strict->allowsGrip(Grip::Over))->toBeTrue();
});

it('asks for one session at the gate where one is enough', function (): void {
    $gate = Gate::of(Measure::Reps, 3, 8, 5, 2);

    expect(HouseRules::usual()->sessionsFor($gate))->toBe(2)->and(HouseRules::of(['confirm' => 'no'])->sessionsFor($gate))->toBe(1);
});

it('asks for the hang that the rule names', function (): void {
    expect(array_map(
        fn (string $p): int => HouseRules::of(['hang-first' => $p])->hangFirstS(),
        ['30-s', '40-s', '60-s'],
    ))->toBe([30, 40, 60]);
});

it('leads up the grip ladder without a gap, from fifteen seconds to two minutes', function (): void {
    $tiers = GripTier::cases();
    foreach (array_slice($tiers, 1) as $i => $tier) {
        expect($tier->seconds()[0])->toBe($tiers[$i]->seconds()[1]);
    }

    expect($tiers[0]->seconds()[0])->toBe(15)->and(end($tiers)->seconds()[1])->toBe(120)
        ->and(GripTier::of(14.9))->toBeNull()
        ->and(GripTier::of(30.0))->toBe(GripTier::Intermediate)
        ->and(GripTier::of(500.0))->toBe(GripTier::Advanced);
});

it('hangs next from what is there to the end of the tier, never less than the tier begins with', function (
    ?float $longestS,
    int $from,
    int $to,
): void {
    $next = GripTier::next($longestS);

    expect([$next->measure, $next->low, $next->high])->toBe([Measure::Seconds, $from, $to]);
})->with([[null, 15, 30], [4.0, 15, 30], [22.7, 22, 30], [30.0, 30, 60], [59.9, 59, 60], [80.0, 80, 120], [300.0, 120, 120]]);
