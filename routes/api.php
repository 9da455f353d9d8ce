<?php

declare(strict_types=1);

use App\Http\Controllers\AthleteController;
use App\Http\Controllers\BandController;
use App\Http\Controllers\BaselineController;
use App\Http\Controllers\BenchController;
use App\Http\Controllers\BodyController;
use App\Http\Controllers\CallController;
use App\Http\Controllers\CapacityController;
use App\Http\Controllers\CapController;
use App\Http\Controllers\CautionController;
use App\Http\Controllers\ClassController;
use App\Http\Controllers\ClearanceController;
use App\Http\Controllers\DeedController;
use App\Http\Controllers\GearController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HouseRuleController;
use App\Http\Controllers\KitController;
use App\Http\Controllers\LadderController;
use App\Http\Controllers\MethodController;
use App\Http\Controllers\PainController;
use App\Http\Controllers\PlaceController;
use App\Http\Controllers\PulseController;
use App\Http\Controllers\ScaleController;
use App\Http\Controllers\ScreeningController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SetController;
use App\Http\Controllers\SettingsController;
use App\Http\Controllers\SetupController;
use App\Http\Controllers\SignalController;
use App\Http\Controllers\TrendController;
use App\Http\Controllers\WeeksController;
use App\Http\Controllers\WrittenSessionController;
use App\Http\Middleware\EnterGym;
use App\Http\Middleware\FollowLog;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

foreach (['athlete', 'gear', 'band', 'call', 'set', 'weighing', 'off', 'class'] as $key) {
    Route::pattern($key, '[0-9a-fA-F]{8}-([0-9a-fA-F]{4}-){3}[0-9a-fA-F]{12}');
}

Route::get('health', HealthController::class)->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::get('pulse/{ticket}', PulseController::class)->withoutMiddleware(EnsureFrontendRequestsAreStateful::class);
Route::post('sign-in', [SessionController::class, 'signIn']);
Route::post('gym', [SettingsController::class, 'found']);

/** The floor, where what is logged is followed when somebody looks at what follows from it, and what follows from no log at all. */
Route::middleware(['auth:web', EnterGym::class])->group(function (): void {
    Route::get('me', [SessionController::class, 'show']);
    Route::post('sign-out', [SessionController::class, 'signOut']);
    Route::put('password', [SettingsController::class, 'password']);
    Route::get('coaches', [SettingsController::class, 'coaches']);
    Route::post('coaches', [SettingsController::class, 'take']);
    Route::get('cautions', CautionController::class);
    Route::get('kit', [KitController::class, 'show']);
    Route::get('bands/{band}/inspections', [BandController::class, 'inspections']);
    Route::get('classes', [ClassController::class, 'index']);
    Route::post('classes', [ClassController::class, 'store']);
    Route::put('classes/{class}', [ClassController::class, 'update']);
    Route::delete('classes/{class}', [ClassController::class, 'end']);
    Route::get('classes/{class}/days/{on}', [ClassController::class, 'day']);
    Route::get('classes/{class}/days/{on}/news', [ClassController::class, 'news']);
    Route::post('deeds', DeedController::class);
    Route::post('athletes/{athlete}/sets', [SetController::class, 'store']);
});

Route::middleware(['auth:web', EnterGym::class, FollowLog::class])->group(function (): void {
    Route::put('settings', [SettingsController::class, 'change']);
    Route::put('kit/floor', [KitController::class, 'floor']);
    Route::post('gear', [GearController::class, 'store']);
    Route::put('gear/{gear}', [GearController::class, 'update']);
    Route::put('gear/{gear}/retirement', [GearController::class, 'retire']);
    Route::post('bands', [BandController::class, 'store']);
    Route::put('bands/{band}', [BandController::class, 'update']);
    Route::put('bands/{band}/retirement', [BandController::class, 'retire']);
    Route::post('bands/{band}/inspections', [BandController::class, 'inspect']);

    Route::get('bench/scale', [BenchController::class, 'scale']);
    Route::put('bench/scale/zero', [BenchController::class, 'zero']);
    Route::put('bench/scale/hang', [BenchController::class, 'hang']);
    Route::post('bench/curve', [BenchController::class, 'curve']);

    Route::get('bands/{band}/learned', [BandController::class, 'learned']);
    Route::get('athletes', [AthleteController::class, 'index']);
    Route::post('athletes', [AthleteController::class, 'store']);
    Route::get('athletes/{athlete}', [AthleteController::class, 'show']);
    Route::put('athletes/{athlete}', [AthleteController::class, 'update']);
    Route::put('athletes/{athlete}/archive', [AthleteController::class, 'archive']);
    Route::get('athletes/{athlete}/scale', [ScaleController::class, 'show']);
    Route::get('athletes/{athlete}/instead', [ScaleController::class, 'instead']);
    Route::get('athletes/{athlete}/body', [BodyController::class, 'show']);
    Route::post('athletes/{athlete}/weighings', [BodyController::class, 'weigh']);
    Route::post('athletes/{athlete}/weighings/{weighing}/withdrawal', [BodyController::class, 'takeBack']);
    Route::get('athletes/{athlete}/capacity', CapacityController::class);
    Route::get('athletes/{athlete}/screenings', [ScreeningController::class, 'index']);
    Route::post('athletes/{athlete}/screenings', [ScreeningController::class, 'store']);
    Route::get('athletes/{athlete}/screenings/{screening}', [ScreeningController::class, 'show']);
    Route::get('athletes/{athlete}/baseline', BaselineController::class);
    Route::get('athletes/{athlete}/trend', TrendController::class);
    Route::get('athletes/{athlete}/ladder', LadderController::class);
    Route::get('athletes/{athlete}/setup', [SetupController::class, 'show']);
    Route::put('athletes/{athlete}/setup', [SetupController::class, 'choose']);
    Route::get('athletes/{athlete}/heel-mark', [SetupController::class, 'heelMark']);
    Route::get('athletes/{athlete}/standing-height', [SetupController::class, 'standingHeight']);
    Route::get('athletes/{athlete}/for-reps', [SetupController::class, 'forReps']);
    Route::get('athletes/{athlete}/sets', [SetController::class, 'index']);
    Route::post('athletes/{athlete}/sets/{set}/withdrawal', [SetController::class, 'withdraw']);
    Route::post('athletes/{athlete}/clearances', ClearanceController::class);
    Route::post('athletes/{athlete}/pain', PainController::class);
    Route::get('athletes/{athlete}/calls', [CallController::class, 'past']);

    Route::get('athletes/{athlete}/session', [WrittenSessionController::class, 'show']);
    Route::get('athletes/{athlete}/session/others', [WrittenSessionController::class, 'others']);
    Route::get('athletes/{athlete}/class-work', [WrittenSessionController::class, 'classWork']);
    Route::post('athletes/{athlete}/session/tried', [WrittenSessionController::class, 'try']);
    Route::post('athletes/{athlete}/session/changes', [WrittenSessionController::class, 'change']);
    Route::delete('athletes/{athlete}/session/changes', [WrittenSessionController::class, 'putBack']);
    Route::get('athletes/{athlete}/weeks', [WeeksController::class, 'show']);
    Route::post('athletes/{athlete}/time-off', [WeeksController::class, 'off']);
    Route::delete('athletes/{athlete}/time-off/{off}', [WeeksController::class, 'takeBack']);
    Route::get('athletes/{athlete}/place', [PlaceController::class, 'history']);
    Route::post('athletes/{athlete}/place', [PlaceController::class, 'place']);
    Route::post('athletes/{athlete}/comparisons', [PlaceController::class, 'compare']);
    Route::post('athletes/{athlete}/signals', [SignalController::class, 'tell']);
    Route::post('athletes/{athlete}/accessories', [SignalController::class, 'beside']);

    Route::get('methods', [MethodController::class, 'index']);
    Route::put('methods', [MethodController::class, 'keep']);
    Route::post('methods/check', [MethodController::class, 'check']);
    Route::get('library', [MethodController::class, 'library']);
    Route::get('methods/{method}', [MethodController::class, 'show']);
    Route::delete('methods/{method}', [MethodController::class, 'drop']);
    Route::get('caps', [CapController::class, 'show']);
    Route::put('caps', [CapController::class, 'settle']);
    Route::get('house-rules', [HouseRuleController::class, 'show']);
    Route::put('house-rules', [HouseRuleController::class, 'settle']);
    Route::post('house-rules/effects', [HouseRuleController::class, 'effects']);

    Route::get('calls', [CallController::class, 'index']);
    Route::get('calls/overrides', [CallController::class, 'overrides']);
    Route::put('calls/{call}/decision', [CallController::class, 'decide']);
    Route::delete('calls/{call}/decision', [CallController::class, 'takeBack']);
});
