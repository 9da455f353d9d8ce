<?php

declare(strict_types=1);

use App\Actions\RecalculateDue;
use App\Http\ProblemRenderer;
use App\Models\Athletes\Athlete;
use App\Problems\ProblemCode;
use App\Problems\QuietReport;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\LostConnectionException;
use Illuminate\Database\QueryException;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpKernel\Exception\HttpException;

/** A refusal of the database as PDO brings it. */
function refusedBy(string $sqlstate, string $message = ''): QueryException
{
    $pdo = new PDOException($message);
    (new ReflectionProperty(Exception::class, 'code'))->setValue($pdo, $sqlstate);

    return new QueryException('pgsql', 'select 1', [], $pdo);
}

it('says of each failure what the asker can do, and after how long', function (Throwable $failure, ProblemCode $code, ?int $afterS): void {
    $problem = ProblemRenderer::problem($failure);
    $response = (new ProblemRenderer)($failure);

    expect($problem->problem)->toBe($code)->and($problem->retryAfterS)->toBe($afterS)
        ->and($response->getStatusCode())->toBe($code->status())
        ->and($response->headers->get('Retry-After'))->toBe($afterS === null ? null : (string) $afterS)
        ->and($response->headers->get('Content-Type'))->toBe('application/problem+json')
        ->and($response->getContent())->not->toContain('select 1')->not->toContain('secret');
})->with([
    'a statement that took too long' => [fn () => refusedBy('57014'), ProblemCode::Busy, 2],
    'a lock that was not to be had' => [fn () => refusedBy('55P03'), ProblemCode::Busy, 2],
    'two that waited for one another' => [fn () => refusedBy('40P01'), ProblemCode::Busy, 2],
    'a database that comes up' => [fn () => refusedBy('57P03'), ProblemCode::Away, 2],
    'a database that is not there' => [fn () => refusedBy('08006'), ProblemCode::Away, 2],
    'a database that was demoted and only reads' => [fn () => refusedBy('25006'), ProblemCode::Away, 2],
    'a connection that broke' => [fn () => refusedBy('HY000', 'server closed the connection unexpectedly'), ProblemCode::Away, 2],
    'a connection that cannot be had again' => [fn () => new LostConnectionException('secret'), ProblemCode::Away, 2],
    'a statement that is wrong' => [fn () => refusedBy('42703', 'column "secret"'), ProblemCode::Fault, null],
    'a fault of ours' => [fn () => new RuntimeException('secret'), ProblemCode::Fault, null],
    'a page that lay open for long' => [fn () => new TokenMismatchException, ProblemCode::PageExpired, null],
    'the same, as the web says it' => [fn () => new HttpException(419), ProblemCode::PageExpired, null],
    'too large a body' => [fn () => new PostTooLargeException, ProblemCode::BodyTooLarge, null],
    'the same, as the web says it in its turn' => [fn () => new HttpException(413), ProblemCode::BodyTooLarge, null],
    'too many tries' => [fn () => new HttpException(429), ProblemCode::TooManyTries, null],
    'a request that cannot be read' => [fn () => new HttpException(400), ProblemCode::BadRequest, null],
    'a server that is not ready' => [fn () => new HttpException(503), ProblemCode::Away, null],
]);

it('logs what the database refused without the values it was about', function (): void {
    $said = [];
    Log::listen(function (Illuminate\Log\Events\MessageLogged $logged) use (&$said): void {
        $said[] = [$logged->message, $logged->context];
    });
    try {
        DB::transaction(
            fn () => DB::table('athletes')->where('name', 'elbow, 4 of 10')->whereRaw('no_such_column = ?', ['session-id'])->get(),
        );
    } catch (QueryException $fault) {
        QuietReport::of($fault, app(Psr\Log\LoggerInterface::class));
    }

    expect($said)->toHaveCount(1)->and($said[0][1])->toMatchArray(['sqlstate' => '42703'])
        ->and($said[0][1]['sql'])->toContain('no_such_column = ?')
        ->and(json_encode($said))->not->toContain('elbow')->not->toContain('session-id');
});

it('follows the others’ logs where one athlete’s cannot be followed, and says so in the log', function (): void {
    [$bar, $band] = [addBar($this), addBand($this)];
    [$ada, $bea] = [addAthlete($this), addAthlete($this, name: 'Bea')];
    foreach ([$ada, $bea] as $id) {
        $this->putJson("/api/v1/athletes/$id/setup", exercise($bar, $band))->assertOk();
        $this->postJson("/api/v1/athletes/$id/sets", set($this, exercise($bar, $band), 8))->assertCreated();
    }
    DB::table('athletes')->where('id', $ada)->update(['follow_patterns' => '["no-such"]']);
    $reported = [];
    $this->app->instance(ExceptionHandler::class, new class($reported, $this->app->make(ExceptionHandler::class)) implements ExceptionHandler
    {
        public function __construct(private array &$reported, private ExceptionHandler $otherwise)
        {
        }

        public function report(Throwable $e): void
        {
            $this->reported[] = $e::class;
        }

        public function shouldReport(Throwable $e): bool
        {
            return true;
        }

        public function render($request, Throwable $e): Symfony\Component\HttpFoundation\Response
        {
            return $this->otherwise->render($request, $e);
        }

        public function renderForConsole($output, Throwable $e): void
        {
            $this->otherwise->renderForConsole($output, $e);
        }
    });
    app(RecalculateDue::class)->now();

    expect($reported)->toBe([ValueError::class])
        ->and(Athlete::query()->findOrFail($bea)->follow_from)->toBeNull()
        ->and($this->getJson('/api/v1/calls')->assertOk()->json('items.0.athlete_id'))->toBe($bea)
        ->and(Athlete::query()->findOrFail($ada)->follow_from)->not->toBeNull();
});

it('lets limits that cannot be read any more cost their own athlete alone, who may do nothing until they are screened again', function (
    string $limits,
): void {
    $athlete = addAthlete($this);
    DB::table('athletes')->where('id', $athlete)->update(['screen_outcome' => 'limited', 'screen_limits' => $limits]);

    $this->getJson('/api/v1/athletes')->assertOk()->assertJsonCount(1, 'items');
    $this->getJson("/api/v1/athletes/$athlete/session")->assertOk()->assertJsonPath('refused.code', 'screen');
})->with(['["no-fun"]', '[7]', '"no list"']);
