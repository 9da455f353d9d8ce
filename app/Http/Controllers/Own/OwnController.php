<?php

declare(strict_types=1);

namespace App\Http\Controllers\Own;

use App\Actions\Floor\ComingTold;
use App\Actions\Floor\SetComing;
use App\Actions\Log\ReportSignal;
use App\Actions\Own\HomeSet;
use App\Actions\Own\LogFromHome;
use App\Actions\Own\NoteLook;
use App\Actions\Own\SorenessTold;
use App\Actions\RecalculateDue;
use App\Actions\Screening\PainTold;
use App\Actions\Screening\PainUndone;
use App\Actions\Screening\ReportPain;
use App\Actions\Screening\UndoPain;
use App\Context\Gym\CurrentGym;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\ReadInput;
use App\Http\Requests\WithdrawalInput;
use App\Models\Athletes\Athlete;
use App\Models\Athletes\AthleteLink;
use App\Models\Gym\AthletesTell;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Queries\Own\OwnPageQuery;
use App\Responses\Own\OwnPageResponse;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/**
 * What an athlete sees and tells on their own page, by their link alone; each answers the page as it is then.
 */
final readonly class OwnController
{
    public function __construct(private OwnPageQuery $reading, private CurrentGym $gym, private RecalculateDue $catchUp)
    {
    }

    #[OA\Get(
        path: '/api/v1/my',
        operationId: 'ownPage',
        description: 'The athlete’s own page; the token of the link stands in the header Athlete-Link.',
        responses: [new Answer(200, OwnPageResponse::class)],
    )]
    public function show(Athlete $athlete, AthleteLink $link, NoteLook $note): JsonResponse
    {
        $note->by($link);

        return new JsonResponse($this->reading->of($athlete, $link));
    }

    #[OA\Post(
        path: '/api/v1/my/sets',
        operationId: 'logFromHome',
        requestBody: new RequestBody(HomeSet::class),
        responses: [new Answer(201, OwnPageResponse::class, 'Stored.'), new Answer(200, OwnPageResponse::class, 'Stored before.')],
    )]
    public function log(Athlete $athlete, AthleteLink $link, JsonObject $json, ReadInput $inputs, LogFromHome $log): JsonResponse
    {
        $this->allow(AthletesTell::Sets);
        $set = $inputs->of(HomeSet::class, $json);
        $stored = $json->build(static fn () => $log->log($athlete, $set));

        return $this->anew($athlete, $link, $stored->isNew);
    }

    #[OA\Post(
        path: '/api/v1/my/sets/{set}/withdrawal',
        operationId: 'takeBackFromHome',
        requestBody: new RequestBody(WithdrawalInput::class),
        responses: [new Answer(200, OwnPageResponse::class)],
    )]
    public function takeBack(
        string $set,
        Athlete $athlete,
        AthleteLink $link,
        JsonObject $json,
        ReadInput $inputs,
        LogFromHome $log,
    ): JsonResponse {
        $this->allow(AthletesTell::Sets);
        $log->takeBack($athlete, $set, $inputs->of(WithdrawalInput::class, $json)->id);

        return $this->anew($athlete, $link);
    }

    #[OA\Post(
        path: '/api/v1/my/soreness',
        operationId: 'tellSoreness',
        requestBody: new RequestBody(SorenessTold::class),
        responses: [new Answer(201, OwnPageResponse::class, 'Stored.'), new Answer(200, OwnPageResponse::class, 'Stored before.')],
    )]
    public function sore(Athlete $athlete, AthleteLink $link, JsonObject $json, ReadInput $inputs, ReportSignal $tell): JsonResponse
    {
        $this->allow(AthletesTell::Soreness);
        $stored = $tell->tell($athlete, null, $inputs->of(SorenessTold::class, $json)->signal());

        return $this->anew($athlete, $link, $stored->isNew);
    }

    #[OA\Post(
        path: '/api/v1/my/pain',
        operationId: 'tellOwnPain',
        description: 'Pulling is paused at once, as if the coach had told it.',
        requestBody: new RequestBody(PainTold::class),
        responses: [new Answer(201, OwnPageResponse::class, 'Stored.'), new Answer(200, OwnPageResponse::class, 'Stored before.')],
    )]
    public function pain(Athlete $athlete, AthleteLink $link, JsonObject $json, ReadInput $inputs, ReportPain $tell): JsonResponse
    {
        $this->allow(AthletesTell::Pain);
        $stored = $tell->tell($athlete, null, $inputs->of(PainTold::class, $json));

        return $this->anew($athlete, $link, $stored->isNew);
    }

    #[OA\Post(
        path: '/api/v1/my/pain/undoing',
        operationId: 'undoOwnPain',
        description: 'For ten minutes, of what was told here.',
        requestBody: new RequestBody(PainUndone::class),
        responses: [new Answer(200, OwnPageResponse::class)],
    )]
    public function undoPain(Athlete $athlete, AthleteLink $link, JsonObject $json, ReadInput $inputs, UndoPain $undo): JsonResponse
    {
        $this->allow(AthletesTell::Pain);
        $undo->undo($athlete, null, $inputs->of(PainUndone::class, $json));

        return $this->anew($athlete, $link);
    }

    #[OA\Post(
        path: '/api/v1/my/coming',
        operationId: 'tellComing',
        requestBody: new RequestBody(ComingTold::class),
        responses: [new Answer(200, OwnPageResponse::class)],
    )]
    public function coming(Athlete $athlete, AthleteLink $link, JsonObject $json, ReadInput $inputs, SetComing $tell): JsonResponse
    {
        $this->allow(AthletesTell::Coming);
        $told = $inputs->of(ComingTold::class, $json);
        $this->reading->isOffered($athlete, $told->class_id, $told->on)
            || throw new Problem(ProblemCode::NotFound, 'This class is none of yours.');
        $tell->tell($athlete->id, null, $told);

        return $this->anew($athlete, $link);
    }

    /** @throws Problem if the gym does not let athletes tell it */
    private function allow(AthletesTell $what): void
    {
        $this->gym->gym()->lets($what)
            || throw new Problem(ProblemCode::NotAllowed, 'The gym does not take this here. Tell your coach.');
    }

    private function anew(Athlete $athlete, AthleteLink $link, bool $isNew = false): JsonResponse
    {
        $this->catchUp->now($athlete->id);

        return new JsonResponse($this->reading->of($athlete->refresh(), $link), $isNew ? 201 : 200);
    }
}
