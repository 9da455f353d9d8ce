<?php

declare(strict_types=1);

use SteadyRung\Exercise\Choices\ChoiceKind;
use SteadyRung\Method\House\HouseRule;
use SteadyRung\Method\House\HouseRules;
use SteadyRung\Method\Method;
use SteadyRung\Plan\Session\SessionWriter;

require_once __DIR__.'/../../Support/plan.php';

function methodThatSays(string ...$says): Method
{
    return Method::of('small', 'Small', 'As it says.', [2, 3], smallMethod()->stages, $says);
}

it('keeps to what the method says, wherever the gym left a point open', function (): void {
    $rules = HouseRules::of(['lowering' => 'never'])->for(methodThatSays(bands: 'avoid', lowering: 'each-session'));

    expect($rules->position(HouseRule::Bands))->toBe('avoid')
        ->and($rules->position(HouseRule::Lowering))->toBe('never')
        ->and($rules->position(HouseRule::Trunk))->toBe('alongside');
});

it('leaves open what is at its default, and settles it where it is settled so', function (): void {
    $method = methodThatSays(bands: 'avoid');

    expect(HouseRules::settled(['bands' => 'one-tool', 'trunk' => 'later'])->chosen())->toBe(['trunk' => 'later'])
        ->and(HouseRules::settled(['bands' => 'one-tool'])->for($method)->position(HouseRule::Bands))->toBe('avoid')
        ->and(HouseRules::usual()->with(HouseRule::Bands, 'one-tool')->for($method)->position(HouseRule::Bands))->toBe('one-tool');
});

it('writes sessions as the method says, and as the gym says over it', function (): void {
    $kinds = fn (?HouseRules $rules): array => array_values(array_unique(array_filter(array_map(
        fn ($b): ?string => $b->rung()?->exercise->setup->kind()->value,
        SessionWriter::write(athleteContext(
            sessionsOn(bandRung(29), 4),
            rules: $rules,
            method: methodThatSays(bands: 'avoid'),
        ))->blocks,
    ))));

    expect($kinds(null))->not->toContain(ChoiceKind::Band->value)
        ->and($kinds(HouseRules::of(['bands' => 'usual'])))->toContain(ChoiceKind::Band->value);
});
