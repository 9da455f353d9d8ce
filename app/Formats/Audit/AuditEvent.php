<?php

declare(strict_types=1);

namespace App\Formats\Audit;

/**
 * What is kept of what was done in a gym, beside the log. The values are permanent.
 */
enum AuditEvent: string
{
    case SignedIn = 'signed-in';
    case SessionEnded = 'session-ended';
    case PasswordChanged = 'password-changed';
    case SecondFactorOn = 'second-factor-on';
    case SecondFactorOff = 'second-factor-off';
    case Invited = 'invited';
    case RoleChanged = 'role-changed';
    case MemberLeft = 'member-left';
    case SettingsChanged = 'settings-changed';
    case ScreenSeen = 'screen-seen';
    case ScreenTaken = 'screen-taken';
    case ConsentNoted = 'consent-noted';
    case ConsentTakenBack = 'consent-taken-back';
    case Cleared = 'cleared';
    case PainTold = 'pain-told';
    case AthleteAdded = 'athlete-added';
    case AthleteChanged = 'athlete-changed';
    case AthleteArchived = 'athlete-archived';
    case LinkGiven = 'link-given';
    case LinkEnded = 'link-ended';
    case AthleteExported = 'athlete-exported';
    case GymExported = 'gym-exported';
    case PeopleExported = 'people-exported';
    case CalendarGiven = 'calendar-given';
    case CalendarEnded = 'calendar-ended';
    case LogExported = 'log-exported';
    case TokenGiven = 'token-given';
    case TokenEnded = 'token-ended';
    case WebhookKept = 'webhook-kept';
    case WebhookEnded = 'webhook-ended';
    case Imported = 'imported';
    case ImportUndone = 'import-undone';
    case ErasureOrdered = 'erasure-ordered';
    case GearChanged = 'gear-changed';
    case BandChanged = 'band-changed';
    case MethodKept = 'method-kept';
    case MethodDropped = 'method-dropped';
    case RulesSettled = 'rules-settled';
    case CapsSettled = 'caps-settled';

    /** What changes people, kit, rules or methods, by values that can be put back. */
    public function canBeUndone(): bool
    {
        return in_array($this, [
            self::AthleteChanged, self::AthleteArchived, self::GearChanged, self::BandChanged, self::RulesSettled, self::CapsSettled,
            self::MethodKept, self::MethodDropped,
        ], true);
    }
}
