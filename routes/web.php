<?php

declare(strict_types=1);

use App\Http\Controllers\Clients\ClientController;
use App\Http\Controllers\Clients\ClientLinkController;
use App\Http\Controllers\Clients\DogController;
use App\Http\Controllers\Clients\MessageTextController;
use App\Http\Controllers\Clients\OwnerPageController;
use App\Http\Controllers\Clients\OwnerPlanController;
use App\Http\Controllers\Clients\PassOnController;
use App\Http\Controllers\Clients\UsualCoatsController;
use App\Http\Controllers\Salon\BackupController;
use App\Http\Controllers\Salon\ComparisonController;
use App\Http\Controllers\Salon\HealthController;
use App\Http\Controllers\Salon\HouseLogController;
use App\Http\Controllers\Salon\HouseRulesController;
use App\Http\Controllers\Salon\PasswordAgainController;
use App\Http\Controllers\Salon\QuickChangeController;
use App\Http\Controllers\Salon\SalonController;
use App\Http\Controllers\Salon\SessionController;
use App\Http\Controllers\Salon\SetUpController;
use App\Http\Controllers\Salon\SignInController;
use App\Http\Controllers\Salon\StaffController;
use App\Http\Controllers\Schedule\AppointmentController;
use App\Http\Controllers\Schedule\AskedTimesController;
use App\Http\Controllers\Schedule\CalendarController;
use App\Http\Controllers\Schedule\CalendarFeedController;
use App\Http\Controllers\Schedule\DayController;
use App\Http\Controllers\Schedule\DaysController;
use App\Http\Controllers\Schedule\RosterController;
use App\Http\Controllers\Schedule\YourTimeController;
use App\Http\Controllers\Transfer\DossierController;
use App\Http\Controllers\Transfer\ExportController;
use App\Http\Controllers\Transfer\ImportController;
use App\Http\Controllers\Transfer\PrivacyController;
use App\Http\Controllers\Transfer\SheetController;
use App\Http\Controllers\Transfer\SheetPageController;
use App\Http\Controllers\Visits\BathedTonightController;
use App\Http\Controllers\Visits\CombCheckGuideController;
use App\Http\Controllers\Visits\DogYearsController;
use App\Http\Controllers\Visits\GradeDifferenceController;
use App\Http\Controllers\Visits\MarkController;
use App\Http\Controllers\Visits\NextVisitController;
use App\Http\Controllers\Visits\PhotoController;
use App\Http\Controllers\Visits\PlanController;
use App\Http\Controllers\Visits\RecordController;
use App\Http\Controllers\Visits\VisitController;
use App\Http\Controllers\Visits\VisitPromiseController;
use App\Http\Middleware\AskPasswordAgain;
use App\Http\Middleware\OpenByLink;
use App\Http\Middleware\RefuseEndedSessions;
use App\Http\Middleware\RefuseInactiveStaff;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Session\Middleware\AuthenticateSession;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store']);

    // Tablets of the salon, on which people change by PIN.
    Route::get('quick-change', [QuickChangeController::class, 'show'])->middleware('throttle:client');
    Route::post('quick-change', [QuickChangeController::class, 'store'])->middleware('throttle:client');

    // For whatever watches the installation: one word.
    Route::get('health', [HealthController::class, 'word'])->middleware('throttle:client');

    // An empty installation, for whoever has the key that its computer shows.
    Route::get('set-up', [SetUpController::class, 'show'])->middleware('throttle:client');
    Route::post('set-up', [SetUpController::class, 'store'])->middleware('throttle:set-up');

    // The client's page: whoever holds the signed link, until it expires.
    Route::middleware([OpenByLink::class, 'throttle:client'])->group(function (): void {
        Route::get('answer/{link}', [ClientLinkController::class, 'show'])->name('answer.show');
        Route::post('answer/{link}', [ClientLinkController::class, 'answer'])->middleware('throttle:client-answers');
        Route::get('answer/{link}/photos/{photo}', [ClientLinkController::class, 'photo'])->name('answer.photo');
    });

    // The client's page of an appointment: the same, until its day is over.
    Route::middleware([OpenByLink::class, 'throttle:client'])->group(function (): void {
        Route::get('your-time/{appointment}', [YourTimeController::class, 'show'])->name('your-time.show');
        Route::post('your-time/{appointment}', [YourTimeController::class, 'answer'])->middleware('throttle:client-answers');
        Route::get('your-time/{appointment}/calendar', [YourTimeController::class, 'calendar'])->name('your-time.calendar');
    });

    // The owner's page at home: the same, for as long as the plan runs.
    Route::middleware([OpenByLink::class, 'throttle:client'])->group(function (): void {
        Route::get('home-plan/{plan}', [OwnerPageController::class, 'show'])->name('home-plan.show');
        Route::post('home-plan/{plan}', [OwnerPageController::class, 'tick']);
    });

    // The client's page of a record: the same, for a month.
    Route::middleware([OpenByLink::class, 'throttle:client'])->group(function (): void {
        Route::get('visit-sheet/{link}', [SheetPageController::class, 'show'])->name('visit-sheet.show');
        Route::get('visit-sheet/{link}/file', [SheetPageController::class, 'file'])
            ->middleware('throttle:sheets')
            ->name('visit-sheet.file');
    });

    Route::middleware(['auth', RefuseInactiveStaff::class])->group(function (): void {
        Route::delete('session', [SessionController::class, 'destroy']);
        Route::get('day', DayController::class);
        Route::get('day/forecast', [DaysController::class, 'forecast']);
        Route::get('day/advice', [DaysController::class, 'advice']);
        Route::get('days', [DaysController::class, 'index']);
        Route::get('days/{date}/times', [AskedTimesController::class, 'times']);
        Route::get('days/{date}/rooms', [AskedTimesController::class, 'rooms']);
        Route::get('days/{date}/try', [AskedTimesController::class, 'try']);
        Route::get('appointments/{appointment}', [AppointmentController::class, 'show']);
        Route::get('roster', [RosterController::class, 'show']);
        Route::get('clients', [ClientController::class, 'index']);
        Route::get('clients/{client}', [ClientController::class, 'show']);
        Route::get('dogs', [DogController::class, 'index']);
        Route::get('dogs/{dog}', [DogController::class, 'show']);
        Route::get('dogs/{dog}/years', DogYearsController::class);
        Route::get('usual-coats', UsualCoatsController::class);
        Route::get('comb-check-guide', CombCheckGuideController::class);
        Route::get('messages', [ClientLinkController::class, 'messages']);
        Route::get('messages/to-pass-on', [PassOnController::class, 'index']);
        Route::put('messages/{message}/passed-on', [PassOnController::class, 'passedOn'])->middleware('throttle:writes');
        Route::get('session/password-again', [PasswordAgainController::class, 'show'])->middleware(AskPasswordAgain::class);
        Route::get('sign-ins', [SignInController::class, 'index']);
        Route::delete('sign-ins/{signIn}', [SignInController::class, 'destroy'])->middleware('throttle:writes');
        Route::get('photos/{photo}/{size}', [PhotoController::class, 'show']);

        Route::middleware('can:keep-house')->group(function (): void {
            Route::get('house-rules', [HouseRulesController::class, 'show']);
            Route::get('house-rules/versions', [HouseRulesController::class, 'history']);
            Route::get('grade-differences', GradeDifferenceController::class);
            Route::get('staff', [StaffController::class, 'index']);
            Route::get('clients/{client}/kept', [PrivacyController::class, 'kept']);
            Route::get('health/details', [HealthController::class, 'details']);
            Route::post('message-texts/test', [PassOnController::class, 'test'])->middleware('throttle:writes');
            Route::get('retention', [PrivacyController::class, 'retention']);
            Route::post('retention/preview', [PrivacyController::class, 'preview'])->middleware('throttle:writes');
            Route::get('imports', [ImportController::class, 'index']);
            Route::post('imports', [ImportController::class, 'store'])->middleware('throttle:writes');
            Route::post('imports/{import}/dry-run', [ImportController::class, 'dryRun'])->middleware('throttle:writes');
            Route::post('imports/{import}/rows', [ImportController::class, 'rows'])->middleware('throttle:writes');
            Route::delete('imports/{import}', [ImportController::class, 'undo'])->middleware('throttle:writes');
            Route::post('dossiers', [DossierController::class, 'store'])->middleware('throttle:exports');
            Route::post('dossiers/{dossier}', [DossierController::class, 'read'])->middleware('throttle:exports');
            Route::get('house-log', HouseLogController::class);
            Route::get('backups', BackupController::class);
            Route::get('salon', [SalonController::class, 'show']);
            Route::put('salon', [SalonController::class, 'update'])->middleware('throttle:writes');
            Route::get('message-texts', [MessageTextController::class, 'index']);
            Route::post('message-texts', [MessageTextController::class, 'store'])->middleware('throttle:writes');
            Route::post('message-texts/preview', [MessageTextController::class, 'preview'])->middleware('throttle:writes');
            Route::get('calendars', [CalendarController::class, 'index']);
            Route::delete('calendars/feeds/{feed}', [CalendarController::class, 'revoke'])->middleware('throttle:writes');
            Route::post('calendars/files', [CalendarController::class, 'read'])->middleware('throttle:writes');
            Route::delete('calendars/files/{import}', [CalendarController::class, 'remove'])->middleware('throttle:writes');
            Route::put('roster', [RosterController::class, 'update'])->middleware('throttle:writes');

            Route::middleware(AskPasswordAgain::class)->group(function (): void {
                Route::post('house-rules', [HouseRulesController::class, 'store'])->middleware('throttle:writes');
                Route::post('staff', [StaffController::class, 'store'])->middleware('throttle:writes');
                Route::patch('staff/{staff}', [StaffController::class, 'update'])->middleware('throttle:writes');
                Route::put('quick-change/tablet', [QuickChangeController::class, 'tablet'])->middleware('throttle:writes');
                Route::get('exports/tables', [ExportController::class, 'tables'])->middleware('throttle:exports');
                Route::get('exports/everything', [ExportController::class, 'everything'])->middleware('throttle:exports');
                Route::get('dogs/{dog}/dossier', [DossierController::class, 'show'])->middleware('throttle:exports');
                Route::get('clients/{client}/export', [PrivacyController::class, 'export'])->middleware('throttle:exports');
                Route::delete('clients/{client}', [PrivacyController::class, 'forget'])->middleware('throttle:writes');
                Route::put('retention', [PrivacyController::class, 'keep'])->middleware('throttle:writes');
                Route::post('calendars/feeds', [CalendarController::class, 'open'])->middleware('throttle:writes');
            });
        });

        Route::get('salons', ComparisonController::class)->middleware(['can:compare-salons', 'throttle:exports']);

        Route::get('visits/{visit}', [VisitController::class, 'show']);
        Route::get('visits/{visit}/promise', VisitPromiseController::class);
        Route::get('visits/{visit}/plan', PlanController::class);
        Route::get('visits/{visit}/next-visit', NextVisitController::class);
        Route::get('visits/{visit}/bathed-tonight', BathedTonightController::class);
        Route::get('visits/{visit}/owner-plan', [OwnerPlanController::class, 'show']);
        Route::get('visits/{visit}/record', RecordController::class);
        Route::get('visits/{visit}/sheet', [SheetController::class, 'show'])->middleware('throttle:sheets');

        Route::middleware('throttle:writes')->group(function (): void {
            Route::patch('session', [SessionController::class, 'update']);
            Route::post('session/password-again', [PasswordAgainController::class, 'store'])
                ->middleware(['can:change-own-access', 'throttle:passwords']);
            Route::put('session/pin', [QuickChangeController::class, 'pin'])->middleware(['can:change-own-access', 'throttle:passwords']);
            Route::post('session/password', [StaffController::class, 'password'])->middleware(['can:change-own-access', 'throttle:passwords']);
            Route::patch('clients/{client}', [ClientController::class, 'update']);
            Route::post('dogs', [DogController::class, 'store']);
            Route::patch('dogs/{dog}', [DogController::class, 'update']);
            Route::post('appointments', [AppointmentController::class, 'store']);
            Route::post('appointments/{appointment}/acts', [AppointmentController::class, 'act']);
            Route::post('visits', [VisitController::class, 'store']);
            Route::post('visits/{visit}/marks', MarkController::class);
            Route::post('visits/{visit}/client-links', [ClientLinkController::class, 'store']);
            Route::post('visits/{visit}/owner-plans', [OwnerPlanController::class, 'store']);
            Route::delete('owner-plans/{plan}', [OwnerPlanController::class, 'destroy']);
            Route::post('visits/{visit}/sheet-links', [SheetController::class, 'store']);
            Route::delete('sheet-links/{link}', [SheetController::class, 'destroy']);
            Route::post('visits/{visit}/photos', [PhotoController::class, 'store'])->middleware('throttle:photos');
        });
    });

    Route::any('{any}', fn() => abort(404))->where('any', '.*');
});

// For calendars that know the secret address: they bring no cookies and get none. The salon that the address names is entered all the same.
Route::get('calendar/{secret}.ics', CalendarFeedController::class)
    ->where('secret', '[A-Za-z0-9]{40}')
    ->withoutMiddleware([
        EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class, ShareErrorsFromSession::class, ValidateCsrfToken::class,
        RefuseEndedSessions::class, AuthenticateSession::class,
    ])
    ->middleware('throttle:client')
    ->name('calendar-feed');

// Every other address is a place in the application.
Route::view('{any?}', 'app')->where('any', '.*')->name('app');
