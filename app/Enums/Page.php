<?php

declare(strict_types=1);

namespace App\Enums;

/** A page that can be printed of a plan, in the order in which they lie. */
enum Page: string
{
    case Task = 'task';
    case LightingPlan = 'lighting-plan';
    case Board = 'board';
    case Schedule = 'schedule';
    case Diagram = 'diagram';
    case Key = 'key';
    case Materials = 'materials';
    case MarkOut = 'mark-out';
    case Boxes = 'boxes';
    case Readings = 'readings';
    case Labels = 'labels';
    case BlankLabels = 'blank-labels';
    case AsFound = 'as-found';

    /** Whether each board of one drawing has its own. */
    public function isForEachBoard(): bool
    {
        return in_array($this, [self::Task, self::AsFound, self::Labels, self::BlankLabels], true);
    }

    /** Whether it is worked on by a trainee: nothing on it may tell the answer. */
    public function isWithoutAnswers(): bool
    {
        return in_array($this, [self::Task, self::LightingPlan, self::BlankLabels, self::AsFound], true);
    }
}
