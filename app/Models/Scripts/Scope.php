<?php

declare(strict_types=1);

namespace App\Models\Scripts;

/**
 * What a token lets a script do: see what everybody who works here sees, and each right by its own value, but for the gym's, which stays
 * with people.
 */
enum Scope: string
{
    case Read = 'read';
    case Log = 'log';
    case Coach = 'coach';
    case Health = 'health';
    case Kit = 'kit';
    case Rules = 'rules';
    case Records = 'records';
}
