<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Actions\Kit\BandInspected;
use App\Actions\Kit\BandParticulars;
use App\Actions\Kit\ChangeGear;
use App\Actions\Kit\InspectBand;
use App\Context\Gym\GymDay;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Kit\ReadBand;
use App\Http\Requests\Kit\RetirementInput;
use App\Http\Requests\PageInput;
use App\Http\Requests\ReadInput;
use App\Models\Gym\User;
use App\Models\Kit\Band;
use App\Models\Kit\BandInspection;
use App\Queries\Kit\BandLearnedQuery;
use App\Queries\Kit\KitQuery;
use App\Queries\Page;
use App\Responses\Kit\BandLearnedResponse;
use App\Responses\Kit\BandResponse;
use App\Responses\Kit\InspectionPageResponse;
use App\Responses\Kit\InspectionResponse;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Psr\Clock\ClockInterface;

final readonly class BandController
{
    public function __construct(private ChangeGear $gear, private KitQuery $view, private ClockInterface $clock, private GymDay $days)
    {
    }

    #[OA\Post(
        path: '/api/v1/bands',
        operationId: 'addBand',
        requestBody: new RequestBody(BandParticulars::class, withId: true),
        responses: [new Answer(201, BandResponse::class)],
    )]
    public function store(JsonObject $json): JsonResponse
    {
        $input = ReadBand::toKeep($json, 'id');
        $stored = $this->gear->add(
            new Band([
                'id' => $json->uuid('id'),
                ...$input->columns(),
                'measured_on' => $input->points === [] ? null : $this->days->today(),
            ]),
            $input,
        );

        return new JsonResponse($this->view->band($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(
        path: '/api/v1/bands/{band}',
        operationId: 'changeBand',
        requestBody: new RequestBody(BandParticulars::class),
        responses: [new Answer(200, BandResponse::class)],
    )]
    public function update(Band $band, JsonObject $json): JsonResponse
    {
        $input = ReadBand::toKeep($json);
        $this->gear->change($band, [...$input->columns(), 'measured_on' => $band->measuredOn($input->points, $this->days->today())]);

        return new JsonResponse($this->view->band($band));
    }

    #[OA\Get(
        path: '/api/v1/bands/{band}/learned',
        operationId: 'bandLearned',
        description: 'Whether the sets of athletes agree that it helps more or less than it is taken for; an advice, never a change.',
        responses: [new Answer(200, BandLearnedResponse::class)],
    )]
    public function learned(Band $band, BandLearnedQuery $reading): JsonResponse
    {
        return new JsonResponse($reading->of($band));
    }

    #[OA\Put(
        path: '/api/v1/bands/{band}/retirement',
        operationId: 'retireBand',
        requestBody: new RequestBody(RetirementInput::class),
        responses: [new Answer(200, BandResponse::class)],
    )]
    public function retire(Band $band, JsonObject $json, ReadInput $inputs): JsonResponse
    {
        $this->gear->change($band, $inputs->of(RetirementInput::class, $json)->columns($band->retired_at, $this->clock->now()));

        return new JsonResponse($this->view->band($band));
    }

    #[OA\Get(
        path: '/api/v1/bands/{band}/inspections',
        operationId: 'inspections',
        description: 'Latest first.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'))],
        responses: [new Answer(200, InspectionPageResponse::class)],
    )]
    public function inspections(Band $band, Request $request): JsonResponse
    {
        $query = BandInspection::query()->where('band_id', $band->id)
            ->orderByDesc('inspected_on')
            ->orderByDesc('created_at')
            ->orderBy('id');
        $page = Page::of($query, PageInput::read($request)->page);

        return new JsonResponse(new InspectionPageResponse(array_map(InspectionResponse::of(...), $page->items), $page->next));
    }

    #[OA\Post(
        path: '/api/v1/bands/{band}/inspections',
        operationId: 'inspectBand',
        description: 'A fault takes the band out of use.',
        requestBody: new RequestBody(BandInspected::class),
        responses: [new Answer(201, BandResponse::class)],
    )]
    public function inspect(Band $band, Request $request, JsonObject $json, ReadInput $inputs, InspectBand $inspect): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $inspect->inspect($band, $coach, $inputs->of(BandInspected::class, $json));

        return new JsonResponse($this->view->band($band->refresh()), $stored->isNew ? 201 : 200);
    }
}
