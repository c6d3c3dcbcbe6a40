<?php

declare(strict_types=1);

namespace Zwindle\Check;

/** Finds for each finding the one that it follows from: one mistake with its symptoms, not five mistakes. */
final class Folding
{
    /** Causes that are found by their name: consequence → causes, the likeliest first. */
    private const NAMED_CAUSES = [
        'shell-live' => ['polarity-switching'],
        'neutral-switched' => ['polarity-switching'],
        'neutral-earth-contact' => ['short-line-neutral'],
        'earth-as-live' => ['short-line-earth', 'neutral-earth-contact'],
        'open-neutral' => ['earth-as-live'],
        'common-on-traveller' => ['wrong-device'],
        'four-way-pair-split' => ['wrong-device'],
        'separate-return' => ['polarity-switching', 'neutral-earth-contact', 'earth-as-live', 'neutral-switched', 'parallel-path'],
        'house-layout' => ['common-on-traveller', 'four-way-pair-split', 'wrong-device'],
    ];

    /** What a symptom may follow from, the likeliest first. */
    private const CAUSES_OF_SYMPTOMS = [
        'short-line-neutral', 'short-line-earth', 'wrong-device', 'common-on-traveller', 'four-way-pair-split',
        'open-neutral', 'polarity-switching', 'neutral-switched', 'earth-as-live', 'neutral-earth-contact',
        'never-lights', 'always-lit', 'dim', 'wrong-lamp', 'switch-no-effect', 'partial-control',
    ];

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public static function fold(array $findings): array
    {
        $folded = [];
        foreach ($findings as $finding) {
            $folded[] = $finding->causedBy(self::causeOf($finding, $findings));
        }

        return $folded;
    }

    /** @param  list<Finding>  $findings */
    private static function causeOf(Finding $finding, array $findings): ?int
    {
        $causes = $finding->code->isSymptom() ? self::strongerThan($finding->code) : (self::NAMED_CAUSES[$finding->code->value] ?? []);
        foreach ($causes as $cause) {
            foreach ($findings as $index => $candidate) {
                if ($candidate->code->value === $cause && self::areAboutTheSame($finding, $candidate)) {
                    return $index;
                }
            }
        }

        return null;
    }

    /** @return list<string> a symptom follows only from what stands before it */
    private static function strongerThan(FindingCode $symptom): array
    {
        $place = array_search($symptom->value, self::CAUSES_OF_SYMPTOMS, true);

        return $place === false ? self::CAUSES_OF_SYMPTOMS : array_slice(self::CAUSES_OF_SYMPTOMS, 0, $place);
    }

    private static function areAboutTheSame(Finding $one, Finding $other): bool
    {
        return $one->control === null || $other->control === null || $one->control === $other->control;
    }
}
