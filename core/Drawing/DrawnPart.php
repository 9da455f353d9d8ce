<?php

declare(strict_types=1);

namespace SteadyRung\Drawing;

/**
 * What a line of a side view stands for.
 */
enum DrawnPart: string
{
    case Bar = 'bar';
    case Post = 'post';
    case Band = 'band';
    case Strap = 'strap';
    case Box = 'box';
    case Step = 'step';
    case Weight = 'weight';
    case Cable = 'cable';
    case Block = 'block';
    case HeelMark = 'heel-mark';
}
