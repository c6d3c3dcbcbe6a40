<?php

declare(strict_types=1);

namespace Zwindle\Exam\Task;

/** What a question is about. */
enum QuestionKind: string
{
    /** Which screw of a switch is the common? Options are its contacts. */
    case Common = 'common';
    /** Which cable of a box comes from the supply? Options are its cables. */
    case FeedCable = 'feed-cable';
    /** Which cable of a box goes to the light? */
    case LightCable = 'light-cable';
    /** What does the lamp do in these positions? Options are lit and dark, and what else happens on the board. */
    case Lamp = 'lamp';
    /** In which order does the current pass these? The answer is all options in order. */
    case Path = 'path';
    /** Which part of the bin belongs in this place? */
    case Part = 'part';
}
