<?php

declare(strict_types=1);

namespace App\Exchange\Drawn;

/** Why a drawing can’t be read. */
enum DrawnRefusal: string
{
    case NoDrawing = 'no_drawing';
    case Binary = 'binary';
    case Entities = 'entities';
    case TooMuch = 'too_much';
    case Nothing = 'nothing';
}
