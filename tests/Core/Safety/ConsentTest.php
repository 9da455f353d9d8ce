<?php

declare(strict_types=1);

use SteadyRung\Safety\Consent\Consent;
use SteadyRung\Safety\Consent\ConsentGiver;
use SteadyRung\Safety\Consent\ConsentState;

it('asks a guardian until the day of the eighteenth birthday, and the athlete from then on', function (string $today, bool $isChild): void {
    $own = new Consent('2010-05-14', ConsentGiver::Athlete, 'Words');
    $guardians = new Consent('2010-05-14', ConsentGiver::Guardian, 'Words');

    expect($own->isFromWhoMay($today))->toBe(! $isChild)
        ->and($guardians->isFromWhoMay($today))->toBeTrue()
        ->and($guardians->state($today, 'Words'))->toBe($isChild ? ConsentState::Given : ConsentState::OfAge);
})->with([['2026-12-01', true], ['2028-05-13', true], ['2028-05-14', false], ['2040-01-01', false]]);

it('stands under other words, and says so', function (): void {
    $state = (new Consent('1990-01-01', ConsentGiver::Athlete, 'Words'))->state('2026-12-01', 'Other words');

    expect($state)->toBe(ConsentState::OtherWords)->and($state->stands())->toBeTrue();
});

it('stands only where somebody who may agreed and did not take it back', function (): void {
    $standing = array_filter(ConsentState::cases(), fn (ConsentState $s): bool => $s->stands());

    expect(array_values($standing))->toBe([ConsentState::Given, ConsentState::OtherWords])
        ->and(array_unique(array_map(fn (ConsentState $s): string => $s->words(), ConsentState::cases())))->toHaveCount(5);
});
