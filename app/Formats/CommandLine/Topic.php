<?php

declare(strict_types=1);

namespace App\Formats\CommandLine;

enum Topic: string
{
    case Carried = 'carried';
    case Band = 'band';
    case Reps = 'reps';
    case HeelMark = 'heel-mark';
    case Box = 'box';
    case Ladder = 'ladder';
    case Seconds = 'seconds';
    case Capacity = 'capacity';
    case Predict = 'predict';
    case Forecast = 'forecast';
    case Session = 'session';
    case Call = 'call';
    case Timetable = 'timetable';
    case Trace = 'trace';
}
