<?php

declare(strict_types=1);

use App\Formats\Units\LengthUnit;
use App\Formats\Units\MassUnit;
use App\Formats\Units\Units;
use SteadyRung\InWords;

it('tells the quantities of a text in the units of a gym, as exact as they were', function (string $said, string $inPounds, string $inInches): void {
    $text = spaced($said);

    expect(Units::areIn($text))->toBeTrue()
        ->and((new Units(MassUnit::Kilograms, LengthUnit::Centimetres))->told($text))->toBe($text)
        ->and((new Units(MassUnit::Pounds, LengthUnit::Centimetres))->told($text))->toBe(spaced($inPounds))
        ->and((new Units(MassUnit::Kilograms, LengthUnit::Inches))->told($text))->toBe(spaced($inInches));
})->with([
    'whole kilograms' => ['rated for 10 kg', 'rated for 22 lb', 'rated for 10 kg'],
    'hectograms' => ['Lat tower, stack 12.5 kg', 'Lat tower, stack 27.6 lb', 'Lat tower, stack 12.5 kg'],
    'a heel mark' => ['Row, Rings 120 cm, mark −5 cm', 'Row, Rings 120 cm, mark −5 cm', 'Row, Rings 47.2 in, mark −2 in'],
    'both' => ['0.5 kg at 137.5 cm', '1.1 lb at 137.5 cm', '0.5 kg at 54.1 in'],
]);

it('leaves alone what people wrote, and finds a quantity in JSON that escapes the space', function (): void {
    $units = new Units(MassUnit::Pounds, LengthUnit::Inches);
    $json = (string) json_encode(['name' => 'Bar 235 cm', 'rung' => 'Bar 235 cm, mark −'.InWords::cm(0.7)]);

    expect($units->told('Bar 235 cm'))->toBe('Bar 235 cm')->and(Units::areIn('Bar 235 cm'))->toBeFalse()->and(Units::areIn($json))->toBeTrue()
        ->and(json_decode($units->told($json), true))->toBe(['name' => 'Bar 235 cm', 'rung' => "Bar 235 cm, mark −27.6\u{00A0}in"]);
});
