<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Formats\Stored\StoredPoints;
use App\Models\Casts\StoredText;
use App\Models\Record;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use SteadyRung\Kit\Band\CalibrationPoint;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;

/**
 * @property string $name
 * @property float $hung_length_m
 * @property float $width_mm
 * @property float $thickness_mm
 * @property string $points as kept
 * @property string|null $measured_on when the last reading was taken
 * @property string|null $hitched_on the bar it was measured on
 * @property Gear|null $hitchedOn the same, retired too
 * @property CarbonImmutable|null $retired_at
 * @property string|null $out_on the day for which it is out of use
 * @property CarbonImmutable|null $out_told_at
 */
final class Band extends Record
{
    protected $attributes = ['retired_at' => null, 'out_on' => null, 'out_told_at' => null, 'measured_on' => null, 'hitched_on' => null];

    protected $table = 'bands';

    /** @var list<string> */
    protected $with = ['hitchedOn'];

    protected $casts = [
        'hung_length_m' => 'float',
        'width_mm' => 'float',
        'thickness_mm' => 'float',
        'points' => StoredText::class,
        'retired_at' => 'immutable_datetime',
        'out_told_at' => 'immutable_datetime',
    ];

    public function toCore(): LoopBand
    {
        return LoopBand::of(
            $this->id,
            $this->name,
            $this->hung_length_m,
            $this->width_mm,
            $this->thickness_mm,
            StoredPoints::read($this->points),
        )->measuredOver($this->hitchedBar());
    }

    /** @return BelongsTo<Gear, $this> */
    public function hitchedOn(): BelongsTo
    {
        return $this->belongsTo(Gear::class, 'hitched_on');
    }

    private function hitchedBar(): ?Bar
    {
        $piece = $this->hitched_on === null ? null : $this->hitchedOn?->toCore();

        return $piece instanceof Bar ? $piece : null;
    }

    /**
     * The day its readings are from, once it has these.
     *
     * @param  list<CalibrationPoint>  $points
     */
    public function measuredOn(array $points, string $today): ?string
    {
        return match (true) {
            $points === [] => null,
            $points == StoredPoints::read($this->points) => $this->measured_on,
            default => $today,
        };
    }

    protected function told(): array
    {
        return [$this->name, $this->toCore()];
    }
}
