<?php

declare(strict_types=1);

namespace App\Http\Requests\Gym;

use App\Actions\Gym\GymFounded;
use App\Formats\JsonObject;
use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;

final class ReadSettings
{
    public static function founding(JsonObject $json): GymFounded
    {
        $json->allowing('gym_name', 'timezone', 'mass_unit', 'length_unit', 'coach_name', 'email', 'password');

        $email = $json->email('email');

        return new GymFounded(
            $json->name('gym_name', 80),
            self::timezone($json),
            $json->optionalChoice('mass_unit', MassUnit::class) ?? MassUnit::Kilograms,
            $json->optionalChoice('length_unit', LengthUnit::class) ?? LengthUnit::Centimetres,
            $json->name('coach_name', 80),
            $email,
            self::password($json, 'password', $email),
        );
    }

    public static function timezone(JsonObject $json): string
    {
        $zone = $json->text('timezone', 64);

        return in_array($zone, \DateTimeZone::listIdentifiers(\DateTimeZone::ALL_WITH_BC), true)
            ? $zone
            : throw $json->fault('timezone', 'This time zone is not known; take one as in Europe/London.');
    }

    /** @param  string  $email  of the account it is for */
    public static function password(JsonObject $json, string $key, string $email): string
    {
        [$least, $most] = GymFounded::PASSWORD;
        $password = $json->secret($key, $most);

        return match (true) {
            strlen($password) > $most => throw $json->withheld(
                $key,
                "Take a shorter password: $most bytes at the most; letters with accents count two and more.",
            ),
            mb_strlen($password) < $least => throw $json->withheld($key, "Take a password of at least $least characters."),
            in_array(mb_strtolower($password), [$email, strstr($email, '@', true)], true) => throw $json->withheld(
                $key,
                'Take another password than the name of the account.',
            ),
            default => $password,
        };
    }
}
