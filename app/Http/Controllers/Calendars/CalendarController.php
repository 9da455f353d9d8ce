<?php

declare(strict_types=1);

namespace App\Http\Controllers\Calendars;

use App\Actions\Floor\CalendarGiven;
use App\Actions\Floor\GiveClassCalendar;
use App\Context\Athletes\LinkToken;
use App\Context\Athletes\LinkUse;
use App\Context\Gym\CurrentGym;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\FileAnswer;
use App\Http\Docs\RequestBody;
use App\Http\FileOfLines;
use App\Http\Requests\ReadInput;
use App\Models\Athletes\Athlete;
use App\Queries\Calendars\CalendarQuery;
use App\Queries\Calendars\ContactsQuery;
use App\Responses\Files\CalendarFile;
use App\Responses\Files\ContactsFile;
use App\Responses\Gym\ClassCalendarResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * Classes and sessions as iCalendar, to keep or to subscribe to; people as vCards.
 */
final readonly class CalendarController
{
    public function __construct(private CalendarQuery $calendars, private CurrentGym $gym, private LinkToken $tokens)
    {
    }

    #[OA\Get(path: '/api/v1/classes.ics', operationId: 'classesFile', responses: [new FileAnswer(CalendarFile::MEDIA_TYPE)])]
    #[OA\Get(
        path: '/api/v1/calendars/classes/{token}.ics',
        operationId: 'classesCalendar',
        description: 'For a calendar that asks by itself.',
        responses: [new FileAnswer(CalendarFile::MEDIA_TYPE)],
    )]
    public function classes(): StreamedResponse
    {
        return FileOfLines::of([$this->calendars->classes()], CalendarFile::MEDIA_TYPE, 'classes', 'ics');
    }

    #[OA\Get(
        path: '/api/v1/athletes/{athlete}/sessions.ics',
        operationId: 'sessionsFile',
        responses: [new FileAnswer(CalendarFile::MEDIA_TYPE)],
    )]
    #[OA\Get(
        path: '/api/v1/calendars/sessions/{token}.ics',
        operationId: 'sessionsCalendar',
        description: 'For a calendar that asks by itself.',
        responses: [new FileAnswer(CalendarFile::MEDIA_TYPE)],
    )]
    public function sessions(Athlete $athlete): StreamedResponse
    {
        return FileOfLines::of([$this->calendars->sessions($athlete)], CalendarFile::MEDIA_TYPE, "$athlete->name sessions", 'ics');
    }

    #[OA\Get(
        path: '/api/v1/people.vcf',
        operationId: 'peopleFile',
        description: 'Who trains and who works here: names, tags, addresses.',
        responses: [new FileAnswer(ContactsFile::MEDIA_TYPE)],
    )]
    public function people(ContactsQuery $contacts): StreamedResponse
    {
        return FileOfLines::of($contacts->cards(), ContactsFile::MEDIA_TYPE, $this->gym->gym()->name, 'vcf');
    }

    #[OA\Get(path: '/api/v1/class-calendar', operationId: 'classCalendar', responses: [new Answer(200, ClassCalendarResponse::class)])]
    public function show(): JsonResponse
    {
        $id = $this->gym->gym()->calendar_id;

        return new JsonResponse(new ClassCalendarResponse(
            $id === null ? null : "/api/v1/calendars/classes/{$this->tokens->of($id, LinkUse::Classes)}.ics",
        ));
    }

    #[OA\Put(
        path: '/api/v1/class-calendar',
        operationId: 'giveClassCalendar',
        description: 'The address before ends.',
        requestBody: new RequestBody(CalendarGiven::class),
        responses: [new Answer(200, ClassCalendarResponse::class)],
    )]
    public function give(JsonObject $json, ReadInput $inputs, GiveClassCalendar $calendar): JsonResponse
    {
        $calendar->give($inputs->of(CalendarGiven::class, $json));

        return $this->show();
    }

    #[OA\Delete(
        path: '/api/v1/class-calendar',
        operationId: 'endClassCalendar',
        responses: [new Answer(200, ClassCalendarResponse::class)],
    )]
    public function end(GiveClassCalendar $calendar): JsonResponse
    {
        $calendar->end();

        return $this->show();
    }
}
