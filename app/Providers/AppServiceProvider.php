<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\FollowCapacity;
use App\Actions\HoldAthlete;
use App\Actions\KeepForecast;
use App\Actions\MakeCall;
use App\Actions\RefreshAthlete;
use App\Actions\RemakeCalls;
use App\Actions\StoreOnce;
use App\Actions\WatchPain;
use App\Devices\HangingScale;
use App\Formats\JsonObject;
use App\Http\QuietSessions;
use App\Models\CurrentGym;
use App\Models\GymDay;
use App\Models\GymKit;
use App\Models\News;
use App\Models\Pulse;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use App\Reading\Believed;
use App\Reading\BuildBrief;
use App\Reading\BuildSituation;
use App\Reading\CapacityBefore;
use App\Reading\DiaryReading;
use App\Reading\FallReading;
use App\Reading\FindWay;
use App\Reading\ForecastReading;
use App\Reading\HandReading;
use App\Reading\KeptAnswers;
use App\Reading\LaneCandidates;
use App\Reading\Methods;
use Carbon\CarbonImmutable;
use Carbon\FactoryImmutable;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    private const LARGEST_BODY_BYTES = 256 * 1024;

    /** What is built once a request, however many others are built of it. */
    private const SHARED = [
        CurrentGym::class, GymDay::class, GymKit::class, News::class,
        Believed::class, BuildBrief::class, BuildSituation::class, CapacityBefore::class, DiaryReading::class, FallReading::class,
        FindWay::class, ForecastReading::class, HandReading::class, KeptAnswers::class, LaneCandidates::class, Methods::class,
        FollowCapacity::class, HoldAthlete::class, KeepForecast::class, MakeCall::class, RefreshAthlete::class, RemakeCalls::class,
        StoreOnce::class, WatchPain::class,
    ];

    public function register(): void
    {
        $this->app->bind('db.connector.pgsql', AnsweringPostgres::class);
        Connection::resolverFor('pgsql', static fn (...$parts): ExactPostgres => new ExactPostgres(...$parts));
        array_map($this->app->scoped(...), self::SHARED);
        $this->app->singleton(ClockInterface::class, static fn (): ClockInterface => new FactoryImmutable);
        $this->app->singleton(Pulse::class, static fn (): Pulse => new Pulse((string) config('app.key')));
        $this->app->singleton(HangingScale::class, static fn (): HangingScale => new HangingScale((string) config('devices.scale_address')));
        $this->app->bind(JsonObject::class, static fn (Application $app): JsonObject => self::body($app->make(Request::class)));
    }

    public function boot(): void
    {
        $this->keepDatesImmutable();
        $this->refuseSloppyModels();
        $this->keepSessionsQuietly();
    }

    private function keepDatesImmutable(): void
    {
        Date::use(CarbonImmutable::class);
    }

    private function refuseSloppyModels(): void
    {
        $careful = $this->app->environment() !== 'production';
        Model::preventLazyLoading($careful);
        Model::preventAccessingMissingAttributes($careful);
    }

    private function keepSessionsQuietly(): void
    {
        Session::extend('quiet', fn (): QuietSessions => new QuietSessions($this->app->make(ConnectionInterface::class), $this->app->make(ClockInterface::class), (int) config('session.lifetime')));
    }

    private static function body(Request $request): JsonObject
    {
        $body = $request->getContent();
        if (strlen($body) > self::LARGEST_BODY_BYTES) {
            throw new Problem(ProblemCode::BodyTooLarge, 'A request may be 256 kB at the most.');
        }

        return JsonObject::parse($body);
    }
}
