<?php

declare(strict_types=1);

use SteadyRung\Plan\Diary\Reminder;

it('reminds of who stays away, from two weeks on and for three months', function (?int $trained, ?string $text): void {
    expect(Reminder::away(1000, $trained))->toBe($text);
})->with([[null, null], [987, null], [986, 'Not seen for 14 days.'], [910, 'Not seen for 90 days.'], [909, null]]);

it('reminds of a weighing of a month ago where somebody comes', function (?int $weighed, ?int $trained, bool $is): void {
    expect(Reminder::weighing(1000, $weighed, $trained) !== null)->toBe($is);
})->with([[972, 1000, true], [973, 1000, false], [900, 987, true], [900, 986, false], [null, 1000, false], [900, null, false]]);

it('tells of a first strict rep for two weeks', function (?int $first, bool $is): void {
    expect(Reminder::goal(1000, $first) !== null)->toBe($is);
})->with([[1000, true], [987, true], [986, false], [null, false]]);
