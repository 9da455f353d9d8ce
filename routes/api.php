<?php

declare(strict_types=1);

use App\Context\Athletes\LinkUse;
use App\Formats\Audit\AuditEvent;
use App\Http\Controllers\Athletes\AthleteController;
use App\Http\Controllers\Athletes\BaselineController;
use App\Http\Controllers\Athletes\BodyController;
use App\Http\Controllers\Athletes\CapacityController;
use App\Http\Controllers\Athletes\NoteController;
use App\Http\Controllers\Audit\AuditController;
use App\Http\Controllers\Calendars\CalendarController;
use App\Http\Controllers\Calls\CallController;
use App\Http\Controllers\Consent\ConsentController;
use App\Http\Controllers\Erase\ErasureController;
use App\Http\Controllers\Export\ExportController;
use App\Http\Controllers\Floor\BoardController;
use App\Http\Controllers\Floor\ClassController;
use App\Http\Controllers\Floor\PulseController;
use App\Http\Controllers\Gym\FirstStepsController;
use App\Http\Controllers\Gym\HealthController;
use App\Http\Controllers\Gym\SettingsController;
use App\Http\Controllers\Gym\SignInController;
use App\Http\Controllers\Import\ImportController;
use App\Http\Controllers\Kit\BandController;
use App\Http\Controllers\Kit\BenchController;
use App\Http\Controllers\Kit\GearController;
use App\Http\Controllers\Kit\KitController;
use App\Http\Controllers\Log\LogController;
use App\Http\Controllers\Log\QueueController;
use App\Http\Controllers\Log\RecomputationController;
use App\Http\Controllers\Log\SetController;
use App\Http\Controllers\Log\SignalController;
use App\Http\Controllers\Methods\CapController;
use App\Http\Controllers\Methods\HouseRuleController;
use App\Http\Controllers\Methods\MethodController;
use App\Http\Controllers\Methods\PlaceController;
use App\Http\Controllers\Own\LinkController;
use App\Http\Controllers\Own\OwnController;
use App\Http\Controllers\Reports\ReportController;
use App\Http\Controllers\Screening\CautionController;
use App\Http\Controllers\Screening\ClearanceController;
use App\Http\Controllers\Screening\PainController;
use App\Http\Controllers\Screening\ScreeningController;
use App\Http\Controllers\Scripts\TokenController;
use App\Http\Controllers\Scripts\WebhookController;
use App\Http\Controllers\Sessions\SessionController;
use App\Http\Controllers\Sessions\WeeksController;
use App\Http\Controllers\Setups\LadderController;
use App\Http\Controllers\Setups\ScaleController;
use App\Http\Controllers\Setups\SetupController;
use App\Http\Controllers\Staff\AccountController;
use App\Http\Controllers\Staff\MailboxController;
use App\Http\Controllers\Staff\PasswordLinkController;
use App\Http\Controllers\Staff\StaffController;
use App\Http\Controllers\Trend\TrendController;
use App\Http\Middleware\Audited;
use App\Http\Middleware\EnterByCode;
use App\Http\Middleware\EnterByLink;
use App\Http\Middleware\EnterGym;
use App\Http\Middleware\LimitScripts;
use App\Http\Middleware\RecalculateFirst;
use App\Http\Middleware\RecordScreeningLook;
use App\Http\Middleware\SlowTokens;
use App\Http\Middleware\WithinScope;
use App\Models\Gym\Right;
use Illuminate\Auth\Middleware\Authorize;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

foreach (['athlete', 'gear', 'band', 'call', 'set', 'weighing', 'off', 'class', 'recomputation', 'import', 'member', 'webhook', 'note', 'entry'] as $key) {
    Route::pattern($key, '[0-9a-fA-F]{8}-([0-9a-fA-F]{4}-){3}[0-9a-fA-F]{12}');
}

Route::get('health', HealthController::class)->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::get('pulse/{ticket}', PulseController::class)->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::get('cautions', CautionController::class)->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::post('sign-in', [SignInController::class, 'signIn'])
    ->middleware(Audited::as(AuditEvent::SignedIn));
Route::post('gym', [SettingsController::class, 'found']);
Route::post('password-links', [PasswordLinkController::class, 'ask']);
Route::get('password-link', [PasswordLinkController::class, 'show']);
Route::put('password-link', [PasswordLinkController::class, 'choose']);

/** What only somebody who signed in themselves may do. */
Route::middleware(['auth:web', EnterGym::class])->group(function (): void {
    Route::put('me', [SettingsController::class, 'name']);
    Route::put('me/reminders', [SettingsController::class, 'reminders']);
    Route::post('sign-out', [SignInController::class, 'signOut']);
    Route::get('sessions', [AccountController::class, 'sessions']);
    Route::delete('sessions/{session}', [AccountController::class, 'endSession'])
        ->middleware(Audited::as(AuditEvent::SessionEnded));
    Route::post('second-factor', [AccountController::class, 'begin']);
    Route::put('second-factor', [AccountController::class, 'confirm'])
        ->middleware(Audited::as(AuditEvent::SecondFactorOn));
    Route::post('second-factor/end', [AccountController::class, 'end'])
        ->middleware(Audited::as(AuditEvent::SecondFactorOff));
    Route::put('password', [SettingsController::class, 'password'])
        ->middleware(Audited::as(AuditEvent::PasswordChanged));

    Route::middleware(Authorize::using(Right::Gym))->group(function (): void {
        Route::get('staff', [StaffController::class, 'index']);
        Route::post('staff', [StaffController::class, 'invite'])
            ->middleware(Audited::as(AuditEvent::Invited));
        Route::put('staff/{member}/role', [StaffController::class, 'role'])
            ->middleware(Audited::as(AuditEvent::RoleChanged));
        Route::delete('staff/{member}', [StaffController::class, 'leave'])
            ->middleware(Audited::as(AuditEvent::MemberLeft));
        Route::delete('staff/{member}/second-factor', [StaffController::class, 'endSecondFactor'])
            ->middleware(Audited::as(AuditEvent::SecondFactorOff));
        Route::get('mailbox', MailboxController::class);
        Route::get('audit', [AuditController::class, 'index']);
        Route::post('audit/{entry}/undo', [AuditController::class, 'undo'])->middleware(RecalculateFirst::class);
        Route::get('tokens', [TokenController::class, 'index']);
        Route::post('tokens', [TokenController::class, 'give'])
            ->middleware(Audited::as(AuditEvent::TokenGiven));
        Route::delete('tokens/{token}', [TokenController::class, 'end'])->whereUuid('token')
            ->middleware(Audited::as(AuditEvent::TokenEnded));
        Route::get('webhooks', [WebhookController::class, 'index']);
        Route::put('webhooks', [WebhookController::class, 'keep'])
            ->middleware(Audited::as(AuditEvent::WebhookKept));
        Route::get('webhooks/{webhook}/deliveries', [WebhookController::class, 'deliveries']);
        Route::post('webhooks/{webhook}/try', [WebhookController::class, 'try']);
        Route::delete('webhooks/{webhook}', [WebhookController::class, 'end'])
            ->middleware(Audited::as(AuditEvent::WebhookEnded));
    });
});

/**
 * The floor, where what is logged is followed when somebody looks at what follows from it, and what follows from no log at all. Who is
 * signed in may see their gym, and so may a script that was let in; what needs a right says which.
 */
Route::middleware([SlowTokens::class, 'auth:sanctum', EnterGym::class, LimitScripts::class, WithinScope::class])->group(function (): void {
    Route::get('me', [SignInController::class, 'show']);
    Route::get('log', [LogController::class, 'index']);
    Route::get('log.csv', [LogController::class, 'csv'])
        ->middleware(Audited::as(AuditEvent::LogExported));
    Route::get('kit', [KitController::class, 'show']);
    Route::get('bands/{band}/inspections', [BandController::class, 'inspections']);
    Route::get('classes', [ClassController::class, 'index']);
    Route::get('classes.ics', [CalendarController::class, 'classes']);
    Route::get('classes/{class}/days/{on}', [ClassController::class, 'day']);
    Route::get('classes/{class}/days/{on}/news', [ClassController::class, 'news']);
    Route::get('classes/{class}/days/{on}/fresh-plan', [ClassController::class, 'freshPlan']);
    Route::get('classes/{class}/days/{on}/board', [BoardController::class, 'code']);
    Route::get('classes/{class}/days/{on}/workout', [ClassController::class, 'workout']);

    Route::middleware(Authorize::using(Right::Log))->group(function (): void {
        Route::post('commands', QueueController::class);
        Route::put('classes/{class}/days/{on}/board', [BoardController::class, 'open']);
        Route::delete('classes/{class}/days/{on}/board', [BoardController::class, 'end']);
        Route::post('deeds', QueueController::class);
        Route::post('athletes/{athlete}/sets', [SetController::class, 'store']);
    });

    Route::middleware(Authorize::using(Right::Coach))->group(function (): void {
        Route::get('people.vcf', [CalendarController::class, 'people'])
            ->middleware(Audited::as(AuditEvent::PeopleExported));
        Route::get('class-calendar', [CalendarController::class, 'show']);
        Route::put('class-calendar', [CalendarController::class, 'give'])
            ->middleware(Audited::as(AuditEvent::CalendarGiven));
        Route::delete('class-calendar', [CalendarController::class, 'end'])
            ->middleware(Audited::as(AuditEvent::CalendarEnded));
        Route::post('classes', [ClassController::class, 'store']);
        Route::put('classes/{class}', [ClassController::class, 'update']);
        Route::delete('classes/{class}', [ClassController::class, 'end']);
    });

    Route::middleware(Authorize::using(Right::Health))->group(function (): void {
        Route::get('athletes/{athlete}/export', [ExportController::class, 'athlete'])
            ->middleware(Audited::as(AuditEvent::AthleteExported));
    });

    Route::middleware(Authorize::using(Right::Records))->group(function (): void {
        Route::get('export', [ExportController::class, 'gym'])
            ->middleware(Audited::as(AuditEvent::GymExported));
        Route::get('imports', [ImportController::class, 'index']);
        Route::post('imports', [ImportController::class, 'take']);
        Route::get('imports/{import}', [ImportController::class, 'show']);
        Route::put('imports/{import}/mapping', [ImportController::class, 'map']);
        Route::post('imports/{import}/order', [ImportController::class, 'order'])
            ->middleware(Audited::as(AuditEvent::Imported));
        Route::post('imports/{import}/undoing', [ImportController::class, 'undo'])
            ->middleware(Audited::as(AuditEvent::ImportUndone));
    });
});

Route::middleware([
    SlowTokens::class, 'auth:sanctum', EnterGym::class, LimitScripts::class, WithinScope::class, RecalculateFirst::class,
])->group(function (): void {
    Route::get('first-steps', FirstStepsController::class);
    Route::get('bench/scale', [BenchController::class, 'scale']);
    Route::get('bands/{band}/learned', [BandController::class, 'learned']);
    Route::get('athletes', [AthleteController::class, 'index']);
    Route::get('athletes/{athlete}', [AthleteController::class, 'show']);
    Route::get('athletes/{athlete}/scale', [ScaleController::class, 'show']);
    Route::get('athletes/{athlete}/instead', [ScaleController::class, 'instead']);
    Route::get('athletes/{athlete}/body', [BodyController::class, 'show']);
    Route::get('athletes/{athlete}/outdated-sets', [RecomputationController::class, 'ofAthlete']);
    Route::get('bands/{band}/outdated-sets', [RecomputationController::class, 'ofBand']);
    Route::get('recomputations/{recomputation}', [RecomputationController::class, 'show']);
    Route::get('athletes/{athlete}/capacity', CapacityController::class);
    Route::get('athletes/{athlete}/baseline', BaselineController::class);
    Route::get('athletes/{athlete}/trend', TrendController::class);
    Route::get('athletes/{athlete}/report', [ReportController::class, 'season']);
    Route::get('athletes/{athlete}/report.csv', [ReportController::class, 'seasonTable']);
    Route::get('classes/{class}/report', [ReportController::class, 'class']);
    Route::get('classes/{class}/report.csv', [ReportController::class, 'classTable']);
    Route::get('reports/bands', [ReportController::class, 'bands']);
    Route::get('reports/bands.csv', [ReportController::class, 'bandTable']);
    Route::get('reports/methods', [ReportController::class, 'methods']);
    Route::get('reports/methods.csv', [ReportController::class, 'methodTable']);
    Route::get('athletes/{athlete}/ladder', LadderController::class);
    Route::get('athletes/{athlete}/setup', [SetupController::class, 'show']);
    Route::get('athletes/{athlete}/heel-mark', [SetupController::class, 'heelMark']);
    Route::get('athletes/{athlete}/standing-height', [SetupController::class, 'standingHeight']);
    Route::get('athletes/{athlete}/for-reps', [SetupController::class, 'forReps']);
    Route::get('athletes/{athlete}/sets', [SetController::class, 'index']);
    Route::get('athletes/{athlete}/notes', [NoteController::class, 'index']);
    Route::get('athletes/{athlete}/last-time', [SetController::class, 'lastTime']);
    Route::get('athletes/{athlete}/calls', [CallController::class, 'past']);
    Route::get('athletes/{athlete}/session', [SessionController::class, 'show']);
    Route::get('athletes/{athlete}/session/others', [SessionController::class, 'others']);
    Route::get('athletes/{athlete}/class-work', [SessionController::class, 'classWork']);
    Route::get('athletes/{athlete}/sessions.ics', [CalendarController::class, 'sessions']);
    Route::get('athletes/{athlete}/weeks', [WeeksController::class, 'show']);
    Route::get('athletes/{athlete}/place', [PlaceController::class, 'history']);
    Route::get('methods', [MethodController::class, 'index']);
    Route::get('methods/outcomes', [MethodController::class, 'outcomes']);
    Route::get('library', [MethodController::class, 'library']);
    Route::get('methods/{method}', [MethodController::class, 'show']);
    Route::get('caps', [CapController::class, 'show']);
    Route::get('house-rules', [HouseRuleController::class, 'show']);
    Route::get('calls', [CallController::class, 'index']);
    Route::get('reminders', [CallController::class, 'reminders']);
    Route::get('calls/overrides', [CallController::class, 'overrides']);

    Route::middleware(Authorize::using(Right::Log))->group(function (): void {
        Route::post('athletes/{athlete}/weighings', [BodyController::class, 'weigh']);
        Route::post('athletes/{athlete}/weighings/{weighing}/withdrawal', [BodyController::class, 'takeBack']);
        Route::post('athletes/{athlete}/sets/{set}/withdrawal', [SetController::class, 'withdraw']);
        Route::post('athletes/{athlete}/pain', PainController::class)
            ->middleware(Audited::as(AuditEvent::PainTold));
        Route::post('athletes/{athlete}/signals', [SignalController::class, 'tell']);
        Route::post('athletes/{athlete}/accessories', [SignalController::class, 'beside']);
        Route::post('athletes/{athlete}/notes', [NoteController::class, 'write']);
    });

    Route::middleware(Authorize::using(Right::Coach))->group(function (): void {
        Route::post('athletes', [AthleteController::class, 'store'])
            ->middleware(Audited::as(AuditEvent::AthleteAdded));
        Route::delete('athletes/{athlete}/notes/{note}', [NoteController::class, 'takeAway']);
        Route::put('athletes/{athlete}', [AthleteController::class, 'update'])
            ->middleware(Audited::as(AuditEvent::AthleteChanged));
        Route::put('athletes/{athlete}/archive', [AthleteController::class, 'archive'])
            ->middleware(Audited::as(AuditEvent::AthleteArchived));
        Route::post('recomputations', [RecomputationController::class, 'order']);
        Route::put('recomputations/{recomputation}/resumption', [RecomputationController::class, 'resume']);
        Route::put('athletes/{athlete}/setup', [SetupController::class, 'choose']);
        Route::get('athletes/{athlete}/link', [LinkController::class, 'show']);
        Route::post('athletes/{athlete}/link', [LinkController::class, 'give'])
            ->middleware(Audited::as(AuditEvent::LinkGiven));
        Route::delete('athletes/{athlete}/link', [LinkController::class, 'end'])
            ->middleware(Audited::as(AuditEvent::LinkEnded));
        Route::post('athletes/{athlete}/session/tried', [SessionController::class, 'try']);
        Route::post('athletes/{athlete}/session/changes', [SessionController::class, 'change']);
        Route::delete('athletes/{athlete}/session/changes', [SessionController::class, 'putBack']);
        Route::post('athletes/{athlete}/time-off', [WeeksController::class, 'off']);
        Route::delete('athletes/{athlete}/time-off/{off}', [WeeksController::class, 'takeBack']);
        Route::post('athletes/{athlete}/place', [PlaceController::class, 'place']);
        Route::post('athletes/{athlete}/comparisons', [PlaceController::class, 'compare']);
        Route::put('calls/{call}/decision', [CallController::class, 'decide']);
        Route::delete('calls/{call}/decision', [CallController::class, 'takeBack']);
    });

    Route::middleware(Authorize::using(Right::Health))->group(function (): void {
        Route::get('athletes/{athlete}/consent', [ConsentController::class, 'show']);
        Route::post('athletes/{athlete}/consent', [ConsentController::class, 'give'])
            ->middleware(Audited::as(AuditEvent::ConsentNoted));
        Route::post('athletes/{athlete}/consent/withdrawal', [ConsentController::class, 'takeBack'])
            ->middleware(Audited::as(AuditEvent::ConsentTakenBack));
        Route::get('athletes/{athlete}/screenings', [ScreeningController::class, 'index']);
        Route::post('athletes/{athlete}/screenings', [ScreeningController::class, 'store'])
            ->middleware(Audited::as(AuditEvent::ScreenTaken));
        Route::get('athletes/{athlete}/screenings/{screening}', [ScreeningController::class, 'show'])->middleware(RecordScreeningLook::class)
            ->middleware(Audited::as(AuditEvent::ScreenSeen));
        Route::post('athletes/{athlete}/clearances', ClearanceController::class)
            ->middleware(Audited::as(AuditEvent::Cleared));
    });

    Route::middleware(Authorize::using(Right::Kit))->group(function (): void {
        Route::put('kit/floor', [KitController::class, 'floor']);
        Route::post('gear', [GearController::class, 'store'])
            ->middleware(Audited::as(AuditEvent::GearChanged));
        Route::put('gear/{gear}', [GearController::class, 'update'])
            ->middleware(Audited::as(AuditEvent::GearChanged));
        Route::put('gear/{gear}/retirement', [GearController::class, 'retire'])
            ->middleware(Audited::as(AuditEvent::GearChanged));
        Route::post('bands', [BandController::class, 'store'])
            ->middleware(Audited::as(AuditEvent::BandChanged));
        Route::put('bands/{band}', [BandController::class, 'update'])
            ->middleware(Audited::as(AuditEvent::BandChanged));
        Route::put('bands/{band}/retirement', [BandController::class, 'retire'])
            ->middleware(Audited::as(AuditEvent::BandChanged));
        Route::post('bands/{band}/inspections', [BandController::class, 'inspect']);
        Route::put('bench/scale/zero', [BenchController::class, 'zero']);
        Route::put('bench/scale/hang', [BenchController::class, 'hang']);
        Route::post('bench/curve', [BenchController::class, 'curve']);
    });

    Route::middleware(Authorize::using(Right::Rules))->group(function (): void {
        Route::put('methods', [MethodController::class, 'keep'])
            ->middleware(Audited::as(AuditEvent::MethodKept));
        Route::post('methods/check', [MethodController::class, 'check']);
        Route::delete('methods/{method}', [MethodController::class, 'drop'])
            ->middleware(Audited::as(AuditEvent::MethodDropped));
        Route::put('caps', [CapController::class, 'settle'])
            ->middleware(Audited::as(AuditEvent::CapsSettled));
        Route::put('house-rules', [HouseRuleController::class, 'settle'])
            ->middleware(Audited::as(AuditEvent::RulesSettled));
        Route::post('house-rules/effects', [HouseRuleController::class, 'effects']);
    });
});

/** What is settled of the gym, and who is erased, behind what follows from the log; again by people alone. */
Route::middleware(['auth:web', EnterGym::class, RecalculateFirst::class, Authorize::using(Right::Gym)])->group(function (): void {
    Route::put('settings', [SettingsController::class, 'change'])
        ->middleware(Audited::as(AuditEvent::SettingsChanged));
    Route::put('settings/athletes-tell', [SettingsController::class, 'tells'])
        ->middleware(Audited::as(AuditEvent::SettingsChanged));
    Route::put('settings/board', [SettingsController::class, 'boardNames'])
        ->middleware(Audited::as(AuditEvent::SettingsChanged));
    Route::put('settings/erasure', [SettingsController::class, 'erasure'])
        ->middleware(Audited::as(AuditEvent::SettingsChanged));
    Route::put('settings/health', [SettingsController::class, 'health'])
        ->middleware(Audited::as(AuditEvent::SettingsChanged));
    Route::get('erasures', [ErasureController::class, 'index']);
    Route::get('athletes/{athlete}/erasure', [ErasureController::class, 'ahead']);
    Route::post('athletes/{athlete}/erasure', [ErasureController::class, 'order'])
        ->middleware(Audited::as(AuditEvent::ErasureOrdered));
});

/** For calendars that ask by themselves; what opens them stands in the address. */
Route::prefix('calendars')->withoutMiddleware(EnsureFrontendRequestsAreStateful::class)->group(function (): void {
    Route::get('classes/{token}.ics', [CalendarController::class, 'classes'])->middleware(EnterByLink::to(LinkUse::Classes));
    Route::get('sessions/{token}.ics', [CalendarController::class, 'sessions'])
        ->middleware([EnterByLink::to(LinkUse::Sessions), RecalculateFirst::class]);
});

/** A screen on the wall; what it shows is opened by a code, and is one class. */
Route::get('board', [BoardController::class, 'show'])->middleware(EnterByCode::class)
    ->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);

/** An athlete's own page. The link is shown in a header and not in a cookie, so no other site can use it. */
Route::middleware([EnterByLink::to(LinkUse::OwnPage), RecalculateFirst::class])->prefix('my')
    ->withoutMiddleware(EnsureFrontendRequestsAreStateful::class)->group(function (): void {
        Route::get('', [OwnController::class, 'show']);
        Route::post('sets', [OwnController::class, 'log']);
        Route::post('sets/{set}/withdrawal', [OwnController::class, 'takeBack']);
        Route::post('soreness', [OwnController::class, 'sore']);
        Route::post('pain', [OwnController::class, 'pain']);
        Route::post('pain/undoing', [OwnController::class, 'undoPain']);
        Route::post('coming', [OwnController::class, 'coming']);
    });
