<?php

declare(strict_types=1);

use App\Actions\Calls\MailRemindersJob;
use App\Actions\Records\EraseOldHealthJob;
use App\Actions\Scripts\SendWebhooksJob;
use App\Formats\Unreadable;
use App\Http\Middleware\EnterGym;
use App\Http\Middleware\FormerAddress;
use App\Http\Middleware\KeepOutOfCaches;
use App\Http\Middleware\LimitScripts;
use App\Http\Middleware\SlowTokens;
use App\Http\Middleware\TellInUnits;
use App\Http\Middleware\WithinScope;
use App\Http\ProblemRenderer;
use App\Problems\Problem;
use App\Problems\QuietReport;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

ini_set('precision', '-1'); // floats keep every digit on their way into the database

$app = Application::configure(basePath: dirname(__DIR__))
    ->withRouting(using: function (): void {
        Route::middleware('api')->prefix('api/v1')->group(base_path('routes/api.php'));
        Route::middleware(['api', FormerAddress::class])->prefix('api')->group(base_path('routes/api.php'));
    })
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->statefulApi();
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->prependToPriorityList(before: AuthenticatesRequests::class, prepend: SlowTokens::class);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: EnterGym::class);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: LimitScripts::class);
        $middleware->prependToPriorityList(before: SubstituteBindings::class, prepend: WithinScope::class);
        $middleware->api(append: [KeepOutOfCaches::class, TellInUnits::class]);
        $middleware->redirectGuestsTo(fn () => null);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport(Problem::class);
        $exceptions->dontReport(Unreadable::class);
        $exceptions->report(fn (Illuminate\Database\QueryException $fault) => QuietReport::of($fault, app(Psr\Log\LoggerInterface::class)))->stop();
        $exceptions->render(new ProblemRenderer);
    })
    ->withSchedule(function (Schedule $schedule): void {
        $schedule->job(new SendWebhooksJob)->everyMinute();
        $schedule->job(new MailRemindersJob)->hourly();
        $schedule->job(new EraseOldHealthJob)->hourly(); // a small gym’s machine is off at night
    })
    ->create();

$var = getenv('STEADY_VAR') ?: dirname(__DIR__).'/var';
$app->useEnvironmentPath($var);
$app->useStoragePath("$var/storage");

return $app;
