<?php

declare(strict_types=1);

namespace App\Http\Controllers\Kit;

use App\Context\Gym\CurrentGym;
use App\Devices\HangingScale;
use App\Formats\Json\Kit\BenchJson;
use App\Formats\JsonObject;
use App\Http\Docs\Answer;
use App\Http\Docs\Nothing;
use App\Http\Docs\RequestBody;
use App\Http\Requests\Kit\BenchInput;
use App\Http\Requests\Kit\HangInput;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Queries\Kit\BenchQuery;
use App\Responses\Kit\ScaleStreamResponse;
use Illuminate\Contracts\Config\Repository;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/**
 * The band bench: the scale as it reads now, and the curve of a band as far as it is measured. Nothing is stored here.
 */
final readonly class BenchController
{
    private HangingScale $scale;

    public function __construct(HangingScale $scale, private CurrentGym $gym, private Repository $config)
    {
        $this->scale = $scale->of($gym->id());
    }

    #[OA\Get(
        path: '/api/v1/bench/scale',
        operationId: 'scaleStream',
        description: 'The last seconds of the hanging scale.',
        responses: [new Answer(200, ScaleStreamResponse::class)],
    )]
    public function scale(): JsonResponse
    {
        $tape = $this->scale->listen();

        return new JsonResponse(ScaleStreamResponse::of($tape?->simulated === true && ! $this->mayBeSimulated() ? null : $tape));
    }

    #[OA\Put(path: '/api/v1/bench/scale/zero', operationId: 'zeroScale', responses: [new Nothing])]
    public function zero(): Response
    {
        return self::told($this->scale->tell('ZERO'));
    }

    #[OA\Put(
        path: '/api/v1/bench/scale/hang',
        operationId: 'hangOnScale',
        description: 'Simulated scale only: pulls a band to a length, or makes the scale fail.',
        requestBody: new RequestBody(HangInput::class),
        responses: [new Nothing],
    )]
    public function hang(JsonObject $json): Response
    {
        foreach (HangInput::read($json)->commands() as $command) {
            self::told($this->scale->tell($command));
        }

        return new Response(status: 204);
    }

    #[OA\Post(
        path: '/api/v1/bench/curve',
        operationId: 'benchCurve',
        description: 'The curve through readings, and what the band takes off an athlete; nothing is stored.',
        requestBody: new RequestBody(BenchInput::class),
        responses: [new Answer(200, BenchJson::class)],
    )]
    public function curve(JsonObject $json, BenchQuery $view): JsonResponse
    {
        $asked = BenchInput::read($json);

        return new JsonResponse($json->build(
            static fn (): BenchJson => $view->of($asked->band->toCore(), $asked->band->hitched_on, $asked->athlete_id, $asked->bar_id),
        ));
    }

    private function mayBeSimulated(): bool
    {
        return $this->gym->gym()->is_demo || $this->config->get('devices.scale_simulated') === 'everywhere';
    }

    private static function told(bool $accepted): Response
    {
        return $accepted
            ? new Response(status: 204)
            : throw new Problem(ProblemCode::ScaleAway, 'The scale does not answer. Readings can be typed.');
    }
}
