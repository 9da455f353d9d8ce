<?php

declare(strict_types=1);

namespace App\Models\Sessions;

use App\Models\BelongsToGym;
use App\Models\Casts\SealedText;
use Illuminate\Database\Eloquent\Model;

/**
 * The session of an athlete as it was written for a day on the floor; it stands while the day's sets are logged.
 *
 * @property string $athlete_id
 * @property string $held_on
 * @property string $sheet
 * @property string $basis what it follows from beside the athlete
 * @property int $news the number of the latest news when it was written
 */
final class SessionSheet extends Model
{
    use BelongsToGym;

    protected $table = 'session_sheets';

    public $timestamps = false;

    public $incrementing = false;

    /** @var array<string, string> */
    protected $casts = ['sheet' => SealedText::class];
}
