<?php

declare(strict_types=1);

namespace App\Http\Requests\Floor;

use App\Actions\Athletes\AthleteParticulars;
use App\Actions\Floor\ClassGiven;
use App\Formats\Day;
use App\Formats\JsonObject;
use SteadyRung\Floor\ClassPattern;

final class ReadClass
{
    private const LATEST = '2099-12-31';

    public static function from(JsonObject $json): ClassGiven
    {
        $json->allowing('id', 'name', 'first_on', 'at', 'minutes', 'weekly', 'last_on', 'tags');
        $given = new ClassGiven(
            $json->uuid('id'),
            $json->name('name', 80),
            $json->date('first_on', self::LATEST),
            $json->text('at', 5),
            $json->integer('minutes'),
            $json->has('weekly') && $json->boolean('weekly'),
            $json->has('last_on') ? $json->date('last_on', self::LATEST) : null,
            $json->texts('tags', ClassGiven::MOST_TAGS, AthleteParticulars::LONGEST_TAG),
        );
        match (true) {
            preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $given->at) !== 1 => throw $json->fault('at', 'Give the time as hours and minutes, like 18:30.'),
            $given->last_on !== null && $given->last_on < $given->first_on => throw $json->fault('last_on', 'The last day is before the first.'),
            default => null,
        };
        $json->build(static fn (): ClassPattern => ClassPattern::of(Day::number($given->first_on), $given->minutes, $given->weekly));

        return $given;
    }
}
