<?php

declare(strict_types=1);

use SteadyRung\Floor\ClassPattern;

// The weekdays of a year of classes against PHP's own calendar (DatePeriod), leap day and year's end among them.

it('holds a weekly class on the days that a calendar has', function (string $first): void {
    $begin = new DateTimeImmutable("$first 00:00:00", new DateTimeZone('UTC'));
    $number = static fn (DateTimeInterface $day): int => intdiv($day->getTimestamp(), 86400);
    $last = $begin->modify('+53 weeks');
    $days = array_map($number, iterator_to_array(new DatePeriod($begin, new DateInterval('P1W'), $last), false));

    expect(ClassPattern::of($number($begin), 75, isWeekly: true, lastOn: $number($last) - 1)->next($number($begin), 60))->toBe($days);
})->with(['2026-11-24', '2027-12-30', '2028-02-22', '1999-12-31']);
