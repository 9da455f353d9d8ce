<?php

declare(strict_types=1);

namespace App\Problems;

use OpenApi\Attributes as OA;

/**
 * Every problem the API answers with; the codes are permanent.
 */
#[OA\Schema(type: 'string')]
enum ProblemCode: string
{
    case BadJson = 'bad-json';
    case BadRequest = 'bad-request';
    case Invalid = 'invalid';
    case SignedOut = 'signed-out';
    case WrongSignIn = 'wrong-sign-in';
    case TooManyTries = 'too-many-tries';
    case ForeignOrigin = 'foreign-origin';
    case PageExpired = 'page-expired';
    case NotFound = 'not-found';
    case MethodNotAllowed = 'method-not-allowed';
    case BodyTooLarge = 'body-too-large';
    case IdTaken = 'id-taken';
    case PullingPaused = 'pulling-paused';
    case DoesNotFit = 'does-not-fit';
    case CallChanged = 'call-changed';
    case CallDecided = 'call-decided';
    case ReferStands = 'refer-stands';
    case ScaleAway = 'scale-away';
    case KitFull = 'kit-full';
    case LastWeighing = 'last-weighing';
    case MethodInUse = 'method-in-use';
    case Busy = 'busy';
    case Founded = 'founded';
    case WrongPassword = 'wrong-password';
    case BadTable = 'bad-table';
    case LinkEnded = 'link-ended';
    case NotAllowed = 'not-allowed';
    case CodeNeeded = 'code-needed';
    case LastOwner = 'last-owner';
    case ConsentMissing = 'consent-missing';
    case ChangedSince = 'changed-since';
    case Away = 'away';
    case Fault = 'fault';

    public function status(): int
    {
        return match ($this) {
            self::BadJson, self::BadRequest => 400,
            self::SignedOut => 401,
            self::ForeignOrigin, self::NotAllowed => 403,
            self::NotFound => 404,
            self::MethodNotAllowed => 405,
            self::IdTaken, self::PullingPaused, self::CallChanged, self::CallDecided, self::ReferStands, self::ScaleAway,
            self::KitFull, self::LastWeighing, self::MethodInUse, self::Founded, self::LastOwner, self::ConsentMissing,
            self::ChangedSince => 409,
            self::LinkEnded => 410,
            self::BodyTooLarge => 413,
            self::PageExpired => 419,
            self::Invalid, self::BadTable, self::WrongSignIn, self::WrongPassword, self::CodeNeeded, self::DoesNotFit => 422,
            self::TooManyTries => 429,
            self::Fault => 500,
            self::Away, self::Busy => 503,
        };
    }

    public function title(): string
    {
        return match ($this) {
            self::BadJson => 'This is not readable JSON',
            self::BadRequest => 'The request cannot be read',
            self::Invalid => 'Something in it is not right',
            self::SignedOut => 'Sign in first',
            self::WrongSignIn => 'Email or password is wrong',
            self::TooManyTries => 'Too many tries',
            self::ForeignOrigin => 'Not from this application',
            self::PageExpired => 'The page has expired',
            self::NotFound => 'Not here',
            self::ChangedSince => 'Changed again since',
            self::MethodNotAllowed => 'Not possible here',
            self::BodyTooLarge => 'The request is too large',
            self::IdTaken => 'Stored before with other content',
            self::PullingPaused => 'Pulling is paused',
            self::DoesNotFit => 'This set-up does not fit',
            self::CallChanged => 'The call has changed',
            self::CallDecided => 'The call is decided already',
            self::ReferStands => 'A referral stands until it is cleared',
            self::ScaleAway => 'The scale does not answer',
            self::KitFull => 'The kit is full',
            self::LastWeighing => 'The only weighing stays',
            self::MethodInUse => 'Somebody is on this method',
            self::Founded => 'There is a gym already',
            self::WrongPassword => 'The password is another',
            self::BadTable => 'This file cannot be read',
            self::LinkEnded => 'This link has ended',
            self::NotAllowed => 'The gym does not allow this',
            self::CodeNeeded => 'The code of your phone is needed',
            self::LastOwner => 'A gym needs an owner',
            self::ConsentMissing => 'Nobody agreed to it yet',
            self::Busy => 'Busy with something long',
            self::Away => 'The server is away',
            self::Fault => 'Something went wrong here',
        };
    }
}
