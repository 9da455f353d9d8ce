<?php

declare(strict_types=1);

use SteadyRung\Kit\Band\BandFinding;
use SteadyRung\Kit\Band\InspectionDue;

it('is due when never looked at, after a week of use, or after sixty sets', function (?int $days, int $uses, bool $due): void {
    $answer = InspectionDue::after($days, $uses);

    expect($answer->isDue)->toBe($due)->and($answer->text)->not->toBe('');
})->with([[null, 0, true], [0, 0, false], [6, 59, false], [7, 1, true], [30, 0, false], [1, 60, true]]);

it('takes everything but a sound band out of use', function (): void {
    expect(array_filter(BandFinding::cases(), fn ($f) => ! $f->isFault()))->toBe([BandFinding::Sound]);
});
