<?php

declare(strict_types=1);

namespace App\Salon;

/** What the owner's log tells. The sentences are the screens'. */
enum Done: string
{
    case SignedIn = 'signed_in';
    case SignInRefused = 'sign_in_refused';
    case PinRefused = 'pin_refused';
    case SignedOut = 'signed_out';
    case SignInEnded = 'sign_in_ended';
    case SetUp = 'set_up';
    case PersonAdded = 'person_added';
    case PersonChanged = 'person_changed';
    case AccessEnded = 'access_ended';
    case AccessGiven = 'access_given';
    case PasswordReset = 'password_reset';
    case OwnPassword = 'own_password';
    case TabletOpened = 'tablet_opened';
    case TabletShut = 'tablet_shut';
    case RulesChanged = 'rules_changed';
    case SalonChanged = 'salon_changed';
    case HoursChanged = 'hours_changed';
    case TextChanged = 'text_changed';
    case CalendarOpened = 'calendar_opened';
    case CalendarShut = 'calendar_shut';
    case BusyTimesRead = 'busy_times_read';
    case BusyTimesRemoved = 'busy_times_removed';
    case HomePlanWithdrawn = 'home_plan_withdrawn';
    case RecordWithdrawn = 'record_withdrawn';
    case TablesTaken = 'tables_taken';
    case EverythingTaken = 'everything_taken';
    case DossierTaken = 'dossier_taken';
    case DossierRead = 'dossier_read';
    case ClientsRead = 'clients_read';
    case ClientsTakenOut = 'clients_taken_out';
    case ClientTaken = 'client_taken';
    case ClientForgotten = 'client_forgotten';
    case RetentionChanged = 'retention_changed';
    case PhotoErased = 'photo_erased';
}
