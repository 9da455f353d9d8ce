<?php

declare(strict_types=1);

namespace App\Responses\Files;

use App\Models\Athletes\Athlete;
use App\Models\Gym\User;
use Sabre\VObject\Component\VCard;

/**
 * People as vCards (RFC 6350): names, tags and addresses, and nothing of their bodies or health.
 */
final readonly class ContactsFile
{
    public const MEDIA_TYPE = 'text/vcard; charset=utf-8';

    public static function athlete(Athlete $athlete, string $gymName): string
    {
        return self::card($athlete->id, $athlete->name, $gymName, 'Athlete', ['CATEGORIES' => $athlete->tags]);
    }

    public static function member(User $member, string $gymName): string
    {
        return self::card($member->id, $member->name, $gymName, ucfirst($member->role->value), ['EMAIL' => [$member->email]]);
    }

    /** @param  array<string, list<string>>  $more */
    private static function card(string $id, string $name, string $gymName, string $role, array $more): string
    {
        $card = new VCard(['VERSION' => '4.0', 'UID' => "urn:uuid:$id", 'KIND' => 'individual', 'FN' => $name], false);
        $card->add('ORG', [$gymName]);
        $card->add('ROLE', $role);
        foreach (array_filter($more) as $property => $values) {
            $card->add($property, $property === 'CATEGORIES' ? $values : $values[0]);
        }

        return $card->serialize();
    }
}
