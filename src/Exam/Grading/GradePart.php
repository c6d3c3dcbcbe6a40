<?php

declare(strict_types=1);

namespace Zwindle\Exam\Grading;

/** What a line of a grade is for. */
enum GradePart: string
{
    case Behaviour = 'behaviour';
    case Distance = 'distance';
    case Safety = 'safety';
    case Rule = 'rule';
    case Answers = 'answers';
    /** Faults named right, of those there were and those named wrong. */
    case Diagnosis = 'diagnosis';
    /** Isolated and proved dead before a hand went in. */
    case Method = 'method';
    /** What each measurement showed, beside the best one that was open. */
    case Measuring = 'measuring';
    /** Combinations seen once it was put right. */
    case Proof = 'proof';
    case Order = 'order';
    case Time = 'time';
    case Workmanship = 'workmanship';
}
