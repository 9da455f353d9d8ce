<?php

declare(strict_types=1);

namespace App\Providers;

use App\Actions\Athletes\StoreForecast;
use App\Actions\Athletes\UpdateCapacity;
use App\Actions\Calls\MakeCall;
use App\Actions\Calls\RemakeCalls;
use App\Actions\Erase\EraseAthlete;
use App\Actions\InsertOnce;
use App\Actions\LockAthlete;
use App\Actions\Records\EraseOldHealth;
use App\Actions\RefreshAthlete;
use App\Actions\Screening\WatchPain;
use App\Actions\Scripts\ReachablePlace;
use App\Actions\Staff\SendPasswordLink;
use App\Context\Athletes\CapacityBefore;
use App\Context\Athletes\LearnedFall;
use App\Context\Athletes\LinkToken;
use App\Context\Athletes\LoadAthleteContext;
use App\Context\Athletes\LoadChangesByHand;
use App\Context\Athletes\LoadEstimate;
use App\Context\Calls\LoadSituation;
use App\Context\Floor\ChangeFeed;
use App\Context\Floor\ChangeTicket;
use App\Context\Gym\CurrentGym;
use App\Context\Gym\GymDay;
use App\Context\Kit\GymKit;
use App\Context\Log\LoadDiary;
use App\Context\Methods\Methods;
use App\Context\Scripts\WebhookSignature;
use App\Context\Setups\FindLadderPath;
use App\Context\Setups\KeptAnswers;
use App\Context\Setups\LaneCandidates;
use App\Context\Trend\Forecasts;
use App\Devices\HangingScale;
use App\Devices\Mailbox;
use App\Formats\JsonObject;
use App\Http\Middleware\LimitScripts;
use App\Http\QuietSessions;
use App\Mail\WriteReminders;
use App\Models\Gym\Right;
use App\Models\Gym\User;
use App\Models\GymScope;
use App\Models\Scripts\ApiToken;
use App\Problems\Problem;
use App\Problems\ProblemCode;
use Carbon\CarbonImmutable;
use Carbon\FactoryImmutable;
use GuzzleHttp\Client;
use GuzzleHttp\ClientInterface;
use Illuminate\Cache\RateLimiter;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\ConnectionResolverInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Encryption\Encrypter;
use Illuminate\Http\Request;
use Illuminate\Mail\MailManager;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\ServiceProvider;
use Illuminate\Support\Str;
use Laravel\Sanctum\Sanctum;
use Psr\Clock\ClockInterface;

final class AppServiceProvider extends ServiceProvider
{
    private const LARGEST_BODY_BYTES = 256 * 1024;

    /** What is built once a request, however many others are built of it. */
    private const SHARED = [
        CurrentGym::class, GymDay::class, GymKit::class, ChangeFeed::class,
        LoadEstimate::class, LoadAthleteContext::class, LoadSituation::class, CapacityBefore::class, LoadDiary::class, LearnedFall::class,
        FindLadderPath::class, Forecasts::class, LoadChangesByHand::class, KeptAnswers::class, LaneCandidates::class, Methods::class,
        UpdateCapacity::class, LockAthlete::class, StoreForecast::class, MakeCall::class, RefreshAthlete::class, RemakeCalls::class,
        InsertOnce::class, WatchPain::class,
    ];

    public function register(): void
    {
        $this->app->bind('db.connector.pgsql', AnsweringPostgres::class);
        Connection::resolverFor('pgsql', static fn (...$parts): ExactPostgres => new ExactPostgres(...$parts));
        array_map($this->app->scoped(...), self::SHARED);
        $this->app->alias(CurrentGym::class, GymScope::class);
        $this->app->singleton(ClockInterface::class, static fn (): ClockInterface => new FactoryImmutable);
        $this->app->singleton(ChangeTicket::class, static fn (): ChangeTicket => new ChangeTicket((string) config('app.key')));
        $this->app->singleton(LinkToken::class, static fn (): LinkToken => new LinkToken((string) config('app.key')));
        $this->app->singleton(
            WebhookSignature::class,
            static fn (): WebhookSignature => new WebhookSignature((string) config('app.key')),
        );
        $this->app->bind(ClientInterface::class, static fn (): ClientInterface => new Client);
        $this->app->when(ReachablePlace::class)->needs('$privateToo')->giveConfig('webhooks.private');
        $this->app->singleton(
            HangingScale::class,
            static fn (): HangingScale => new HangingScale((string) config('devices.scale_address')),
        );
        $this->app->when([EraseAthlete::class, EraseOldHealth::class])->needs(ConnectionInterface::class)
            ->give(static fn (Application $app): ConnectionInterface => $app->make(ConnectionResolverInterface::class)
                ->connection((string) config('database.eraser')));
        $this->app->when([SendPasswordLink::class, WriteReminders::class])->needs('$address')->giveConfig('app.url');
        $this->app->bind(JsonObject::class, static fn (Application $app): JsonObject => self::body($app->make(Request::class)));
    }

    public function boot(): void
    {
        $this->loadMigrationsFrom(glob($this->app->databasePath('migrations/*'), GLOB_ONLYDIR) ?: []);
        $this->keepDatesImmutable();
        $this->refuseSloppyModels();
        $this->sealRecords();
        $this->keepSessionsQuietly();
        $this->letRolesDecide();
        $this->letScriptsIn();
        $this->deliverMailToTheMailbox();
    }

    private function sealRecords(): void
    {
        $key = static fn (?string $kept): string => (string) base64_decode(Str::after((string) $kept, 'base64:'), true);
        $former = config('records.former_key');
        $records = new Encrypter($key(config('records.key')), 'AES-256-CBC');
        Model::encryptUsing($records->previousKeys($former === null ? [] : [$key($former)]));
    }

    private function letRolesDecide(): void
    {
        foreach (Right::cases() as $right) {
            Gate::define($right, static fn (User $member): bool => in_array($right, $member->rights(), true));
        }
    }

    private function letScriptsIn(): void
    {
        Sanctum::usePersonalAccessTokenModel(ApiToken::class);
        Sanctum::authenticateAccessTokensUsing(fn (ApiToken $token): bool => $token->isOpen($this->app->make(ClockInterface::class)->now())
            && $token->tokenable->isHere());
        $this->callAfterResolving(RateLimiter::class, static fn (RateLimiter $limits) => $limits->for(LimitScripts::LIMIT, self::limitOf(...)));
    }

    private function deliverMailToTheMailbox(): void
    {
        $this->app->singleton(Mailbox::class, static fn (): Mailbox => new Mailbox((string) config('mail.mailers.mailbox.path')));
        $this->app->afterResolving(
            MailManager::class,
            fn (MailManager $mail) => $mail->extend('mailbox', fn (): Mailbox => $this->app->make(Mailbox::class)),
        );
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
        Session::extend(
            'quiet',
            fn (): QuietSessions => new QuietSessions(
                $this->app->make(ConnectionInterface::class),
                $this->app->make(ClockInterface::class),
                (int) config('session.lifetime'),
                $this->app->make('request')->userAgent(),
            ),
        );
    }

    private static function limitOf(Request $request): Limit
    {
        $who = $request->user();
        $token = $who instanceof User ? $who->script() : null;

        return $token === null ? Limit::none() : Limit::perMinute(ApiToken::REQUESTS_A_MINUTE)->by($token->id);
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
