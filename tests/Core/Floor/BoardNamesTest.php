<?php

declare(strict_types=1);

use SteadyRung\Floor\BoardNames;

it('shows first names or initials, and tells those who share them apart', function (BoardNames $rule, array $names, array $shown): void {
    expect($rule->of($names))->toBe($shown);
})->with([
    'first names' => [BoardNames::First, ['Isaura Penhallow', 'Odo'], ['Isaura', 'Odo']],
    'initials' => [BoardNames::Initials, ['Isaura Penhallow', 'Odo', 'émile Zé'], ['IP', 'O', 'ÉZ']],
    'two of one first name' => [BoardNames::First, ['Jo Park', 'Ann Lee', 'Jo Quill'], ['Jo P', 'Ann', 'Jo Q']],
    'and of one first letter' => [BoardNames::First, ['Jo Park', 'Jo Penn', 'Jo Quill'], ['Jo Pa', 'Jo Pe', 'Jo Q']],
    'two of the same initials' => [BoardNames::Initials, ['Jo Park', 'Jan Penn'], ['JPa', 'JPe']],
    'one has no last name' => [BoardNames::First, ['Jo', 'Jo Quill'], ['Jo', 'Jo Q']],
    'the same name' => [BoardNames::First, ['Jo Park', 'Jo Park'], ['Jo Park 1', 'Jo Park 2']],
    'nobody' => [BoardNames::Initials, [], []],
]);

it('keeps what the names are known by', function (): void {
    expect(BoardNames::First->of(['b' => 'Bea Hale', 'a' => 'Ann Lee']))->toBe(['b' => 'Bea', 'a' => 'Ann']);
});
