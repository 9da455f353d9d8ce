<?php

declare(strict_types=1);

namespace App\Responses\Files;

use Sabre\VObject\Component\VCalendar;

/**
 * Events as iCalendar (RFC 5545), with the rules of the gym's time zone, so that no reader needs to know it.
 */
final readonly class CalendarFile
{
    public const MEDIA_TYPE = 'text/calendar; charset=utf-8';

    private const PRODUCT = '-//Steady Rung//Classes and sessions//EN';

    /** For so long a weekly class is shown at the right hour. */
    private const ZONE_YEARS = 10;

    /** How often a calendar should ask again (RFC 7986, and what was usual before it). */
    private const ASK_AGAIN = 'PT1H';

    /** @param  list<CalendarEvent>  $events */
    public static function of(string $name, \DateTimeZone $zone, array $events, \DateTimeImmutable $now): string
    {
        $file = new VCalendar(['VERSION' => '2.0', 'PRODID' => self::PRODUCT], false);
        $file->add('NAME', $name);
        $file->add('X-WR-CALNAME', $name);
        $file->add('REFRESH-INTERVAL', self::ASK_AGAIN, ['VALUE' => 'DURATION']);
        $file->add('X-PUBLISHED-TTL', self::ASK_AGAIN);
        $zone->getName() === 'UTC' || self::addZone($file, $zone, $events, $now);
        foreach ($events as $event) {
            self::addEvent($file, $event, $now);
        }

        return $file->serialize();
    }

    private static function addEvent(VCalendar $file, CalendarEvent $event, \DateTimeImmutable $now): void
    {
        $entry = $file->createComponent('VEVENT', [
            'UID' => $event->uid,
            'DTSTAMP' => $now->setTimezone(new \DateTimeZone('UTC')),
            'SUMMARY' => $event->summary,
            'DESCRIPTION' => $event->description,
        ], false);
        if ($event->minutes === null) {
            $entry->add('DTSTART', $event->starts->format('Ymd'), ['VALUE' => 'DATE']);
            $entry->add('TRANSP', 'TRANSPARENT');
        } else {
            $entry->add('DTSTART', $event->starts);
            $entry->add('DURATION', "PT{$event->minutes}M");
        }
        if ($event->isWeekly) {
            $until = $event->until?->setTimezone(new \DateTimeZone('UTC'))->format('Ymd\THis\Z');
            $entry->add('RRULE', 'FREQ=WEEKLY'.($until === null ? '' : ";UNTIL=$until"));
            array_map(static fn (\DateTimeImmutable $day) => $entry->add('EXDATE', $day), $event->except);
        }
        $file->add($entry);
    }

    /**
     * Each change of the clocks from before the first event on.
     *
     * @param  list<CalendarEvent>  $events
     */
    private static function addZone(VCalendar $file, \DateTimeZone $zone, array $events, \DateTimeImmutable $now): void
    {
        $first = min([$now, ...array_column($events, 'starts')])->modify('-1 year')->getTimestamp();
        $changes = $zone->getTransitions($first, $now->modify('+'.self::ZONE_YEARS.' years')->getTimestamp()) ?: [];
        $rules = $file->createComponent('VTIMEZONE', ['TZID' => $zone->getName()], false);
        $before = $changes[0]['offset'] ?? 0;
        foreach ($changes as $change) {
            $rules->add($file->createComponent($change['isdst'] ? 'DAYLIGHT' : 'STANDARD', [
                'DTSTART' => gmdate('Ymd\THis', $change['ts'] + $before),
                'TZOFFSETFROM' => self::offset($before),
                'TZOFFSETTO' => self::offset($change['offset']),
                'TZNAME' => $change['abbr'],
            ], false));
            $before = $change['offset'];
        }
        $file->add($rules);
    }

    private static function offset(int $seconds): string
    {
        return sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', intdiv(abs($seconds), 3600), intdiv(abs($seconds) % 3600, 60));
    }
}
