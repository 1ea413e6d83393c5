<?php

declare(strict_types=1);

namespace Aequus\Guide\Move;

/** What the number of a move is measured along or toward, or what it is, where several rules say so. */
enum Beside implements Says
{
    case WhatWasRead;
    case TooMuch;
    case TooLittle;
    case NailToNail;
    case SquareOffIt;
    case LargestMisfit;
    case Toward;
    case TowardBoth;
}
