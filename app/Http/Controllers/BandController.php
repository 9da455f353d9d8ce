<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\ChangeGear;
use App\Actions\InspectBand;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Body;
use App\Http\Requests\BandInput;
use App\Http\Requests\InspectionInput;
use App\Http\Requests\PageInput;
use App\Http\Requests\RetirementInput;
use App\Http\Resources\BandResource;
use App\Http\Resources\InspectionPage;
use App\Http\Resources\InspectionResource;
use App\Http\Resources\Page;
use App\Http\Views\KitView;
use App\Models\Band;
use App\Models\BandInspection;
use App\Models\GymDay;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

final readonly class BandController
{
    public function __construct(private ChangeGear $gear, private KitView $view)
    {
    }

    #[OA\Post(path: '/api/bands', operationId: 'addBand', requestBody: new Body(BandInput::class, withId: true), responses: [new Answer(201, BandResource::class)])]
    public function store(JsonObject $json): JsonResponse
    {
        $input = BandInput::read($json, 'id');
        $stored = $this->gear->add(new Band(['id' => $json->uuid('id'), ...$input->columns()]), $input);

        return new JsonResponse($this->view->band($stored->record), $stored->isNew ? 201 : 200);
    }

    #[OA\Put(path: '/api/bands/{band}', operationId: 'changeBand', requestBody: new Body(BandInput::class), responses: [new Answer(200, BandResource::class)])]
    public function update(Band $band, JsonObject $json): JsonResponse
    {
        $this->gear->change($band, BandInput::read($json)->columns());

        return new JsonResponse($this->view->band($band));
    }

    #[OA\Put(path: '/api/bands/{band}/retirement', operationId: 'retireBand', requestBody: new Body(RetirementInput::class), responses: [new Answer(200, BandResource::class)])]
    public function retire(Band $band, JsonObject $json): JsonResponse
    {
        $this->gear->change($band, RetirementInput::read($json)->columns($band->retired_at));

        return new JsonResponse($this->view->band($band));
    }

    #[OA\Get(
        path: '/api/bands/{band}/inspections',
        operationId: 'inspections',
        description: 'Latest first.',
        parameters: [new OA\QueryParameter(name: 'page', schema: new OA\Schema(type: 'integer'))],
        responses: [new Answer(200, InspectionPage::class)],
    )]
    public function inspections(Band $band, Request $request): JsonResponse
    {
        $query = BandInspection::query()->where('band_id', $band->id)->orderByDesc('inspected_on')->orderByDesc('created_at')->orderBy('id');
        $page = Page::of($query, PageInput::read($request)->page);

        return new JsonResponse(new InspectionPage(array_map(InspectionResource::of(...), $page->items), $page->next));
    }

    #[OA\Post(
        path: '/api/bands/{band}/inspections',
        operationId: 'inspectBand',
        description: 'A fault takes the band out of use.',
        requestBody: new Body(InspectionInput::class),
        responses: [new Answer(201, BandResource::class)],
    )]
    public function inspect(Band $band, Request $request, JsonObject $json, InspectBand $inspect, GymDay $days): JsonResponse
    {
        /** @var User $coach */
        $coach = $request->user();
        $stored = $inspect->inspect($band, $coach, InspectionInput::read($json, $days->today()));

        return new JsonResponse($this->view->band($band->refresh()), $stored->isNew ? 201 : 200);
    }
}
