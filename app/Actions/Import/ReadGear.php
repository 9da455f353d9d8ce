<?php

declare(strict_types=1);

namespace App\Actions\Import;

use App\Formats\Import\ImportField;
use App\Formats\Json\Kit\GearKind;
use App\Formats\Stored\StoredGear;
use App\Formats\Stored\StoredPoints;
use App\Formats\Table\Quantity;
use App\Models\Kit\Band;
use App\Models\Kit\Gear;
use SteadyRung\CoreError;
use SteadyRung\Kit\Band\LoopBand;
use SteadyRung\Kit\Bar;
use SteadyRung\Kit\Box;
use SteadyRung\Kit\Kit;
use SteadyRung\Kit\Plate;
use SteadyRung\Kit\RingPair;
use SteadyRung\Kit\Weight;

/**
 * A piece of gear or a band as a line of a file tells it; one that the kit has no room or no name for is refused.
 */
final class ReadGear
{
    /** How people call the kinds of gear, most particular first. */
    private const KINDS = [
        'machine' => '~\bmachine|\btower|\bstack|\bcable~',
        'rings' => '~\brings?\b|\bstraps?\b|\bsuspension~',
        'weight' => '~\bweights?\b|\bdis[ck]s?\b|\bdumb-?bells?\b|\bkettle-?bells?\b~',
        'plate' => '~\bplates?\b|\bblocks?\b|\bboards?\b~',
        'box' => '~\bbox(?:es)?\b|\bsteps?\b|\bstools?\b~',
        'bar' => '~\bbars?\b~',
    ];

    /** @var array<string, true>|null names in use and in the file so far, in small letters */
    private ?array $taken = null;

    /** @var array<class-string<Gear|Band>, int> how many are in use, with the file so far */
    private array $count = [Gear::class => 0, Band::class => 0];

    /**
     * @return array<string, mixed> columns
     *
     * @throws BadCell
     */
    public function piece(ReadCells $cells): array
    {
        $name = $this->name($cells, Gear::class, Kit::MOST_PIECES);
        $kind = self::kind($cells->text(ImportField::Piece));
        [$height, $rated] = [fn (): float => self::needed($cells, ImportField::Height), $cells->kg(ImportField::Rated)];
        $piece = self::made(fn (): Bar|RingPair|Box|Plate|Weight => match ($kind) {
            GearKind::Bar => Bar::of('', $name, $height(), $rated, self::mm($cells, ImportField::Diameter)),
            GearKind::Rings => RingPair::of('', $name, $height(), self::straps($cells), $rated),
            GearKind::Box => Box::of('', $name, $height(), $rated),
            GearKind::Plate => Plate::of('', $name, self::needed($cells, ImportField::Thickness)),
            GearKind::Weight => Weight::of('', $name, $cells->kg(ImportField::Mass) ?? throw BadCell::needed(ImportField::Mass)),
            GearKind::Machine => throw BadCell::because('Machines are added on the page of the kit.'),
        });

        $this->took($name, Gear::class);

        return ['kind' => $kind->value, 'name' => $name, 'figures' => json_encode(StoredGear::write($piece), JSON_THROW_ON_ERROR)];
    }

    /**
     * @return array<string, mixed> columns; its readings are taken on the bench
     *
     * @throws BadCell
     */
    public function band(ReadCells $cells): array
    {
        $name = $this->name($cells, Band::class, Kit::MOST_BANDS);
        $mm = static fn (ImportField $field): float => self::mm($cells, $field) ?? throw BadCell::needed($field);
        $band = self::made(static fn (): LoopBand => LoopBand::of(
            '',
            $name,
            self::needed($cells, ImportField::HungLength),
            $mm(ImportField::Width),
            $mm(ImportField::Thickness),
        ));

        $this->took($name, Band::class);

        return [
            'name' => $name,
            'hung_length_m' => $band->hungLengthM(),
            'width_mm' => $band->widthMm,
            'thickness_mm' => $band->thicknessMm,
            'points' => json_encode(StoredPoints::write([]), JSON_THROW_ON_ERROR),
        ];
    }

    /** @return array<string, true> */
    private function inUse(): array
    {
        $names = array_map(
            static fn (string $kept): array => $kept::query()->whereNull('retired_at')->pluck('name')->all(),
            array_keys($this->count),
        );
        $this->count = array_combine(array_keys($this->count), array_map(count(...), $names));

        return array_fill_keys(array_map(mb_strtolower(...), array_merge(...$names)), true);
    }

    /** @param  class-string<Gear|Band>  $kept */
    private function name(ReadCells $cells, string $kept, int $most): string
    {
        $this->taken ??= $this->inUse();
        $name = $cells->text(ImportField::Name);
        mb_strlen($name) <= 60 || throw BadCell::because('The name is longer than 60 letters.');
        isset($this->taken[mb_strtolower($name)]) && throw BadCell::because('A piece of this name is in use already.');
        $this->count[$kept] < $most || throw BadCell::because("$most are in use, and no more can be.");

        return $name;
    }

    /** @param  class-string<Gear|Band>  $kept */
    private function took(string $name, string $kept): void
    {
        $this->taken[mb_strtolower($name)] = true;
        $this->count[$kept]++;
    }

    private static function kind(string $text): GearKind
    {
        foreach (self::KINDS as $kind => $called) {
            if (preg_match($called, mb_strtolower($text)) === 1) {
                return GearKind::from($kind);
            }
        }
        throw BadCell::at(ImportField::Piece, $text, 'a bar, rings, a box, a plate or a weight');
    }

    private static function needed(ReadCells $cells, ImportField $field): float
    {
        return $cells->m($field) ?? throw BadCell::needed($field);
    }

    private static function mm(ReadCells $cells, ImportField $field): ?float
    {
        $m = $cells->m($field);

        return $m === null ? null : round(1000.0 * $m, 6);
    }

    /** @return list<float> “100; 120; 140” */
    private static function straps(ReadCells $cells): array
    {
        $unit = $cells->unit(ImportField::Straps);
        $marks = preg_split('~\s*[;/]\s*|,\s+~', $cells->text(ImportField::Straps), flags: PREG_SPLIT_NO_EMPTY) ?: [];
        $marks !== [] || throw BadCell::needed(ImportField::Straps);

        return array_map(
            static fn (string $text): float => Quantity::m($text, $unit) ?? throw BadCell::at(ImportField::Straps, $text, 'a length'),
            $marks,
        );
    }

    /**
     * @template T of object
     *
     * @param  \Closure(): T  $make
     * @return T
     */
    private static function made(\Closure $make): object
    {
        try {
            return $make();
        } catch (CoreError $refused) {
            throw BadCell::because($refused->getMessage());
        }
    }
}
