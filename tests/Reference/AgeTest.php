<?php

declare(strict_types=1);

use SteadyRung\Safety\Consent\Consent;

// Against the years of PHP's own DateTime::diff, for every day of four years from birthdays around leap days.
it('counts whole years as the calendar does', function (string $born): void {
    $from = new DateTimeImmutable($born, new DateTimeZone('UTC'));
    for ($day = new DateTimeImmutable('2026-01-01', new DateTimeZone('UTC')); $day->format('Y') < '2030'; $day = $day->modify('+1 day')) {
        expect(Consent::age($born, $day->format('Y-m-d')))->toBe($from->diff($day)->y);
    }
})->with(['2008-02-28', '2008-02-29', '2008-03-01', '2011-12-31', '2000-01-01']);
