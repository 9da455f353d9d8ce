<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Actions\Deeds\CoachTaken;
use App\Actions\Deeds\GymFounded;
use App\Formats\JsonObject;

final class ReadSettings
{
    public static function founding(JsonObject $json): GymFounded
    {
        $json->allowing('gym_name', 'timezone', 'coach_name', 'email', 'password');

        return new GymFounded($json->name('gym_name', 80), self::timezone($json), $json->name('coach_name', 80), self::email($json), self::password($json, 'password'));
    }

    public static function coach(JsonObject $json): CoachTaken
    {
        $json->allowing('id', 'name', 'email', 'password');

        return new CoachTaken($json->uuid('id'), $json->name('name', 80), self::email($json), self::password($json, 'password'));
    }

    public static function timezone(JsonObject $json): string
    {
        $zone = $json->text('timezone', 64);

        return in_array($zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)
            ? $zone
            : throw $json->fault('timezone', 'This time zone is not known; take one as in Europe/London.');
    }

    public static function password(JsonObject $json, string $key): string
    {
        [$least, $most] = GymFounded::PASSWORD;
        $password = $json->secret($key, $most);

        return mb_strlen($password) >= $least ? $password : throw $json->withheld($key, "Take a password of at least $least characters.");
    }

    private static function email(JsonObject $json): string
    {
        $email = mb_strtolower($json->text('email', 200));

        return filter_var($email, FILTER_VALIDATE_EMAIL) === false ? throw $json->fault('email', 'This is not an e-mail address.') : $email;
    }
}
