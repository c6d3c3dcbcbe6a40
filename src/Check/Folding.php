<?php

declare(strict_types=1);

namespace Zwindle\Check;

use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Net\Nets;

/** Finds for each finding the one that it follows from: one mistake with its symptoms, not five mistakes. */
final readonly class Folding
{
    private const SHORTS = ['short-line-neutral', 'short-line-earth', 'neutral-earth-contact'];

    /** Causes that are found by their name: consequence → causes, the likeliest first. */
    private const NAMED_CAUSES = [
        'shell-live' => ['polarity-switching'],
        'neutral-switched' => ['polarity-switching'],
        'neutral-earth-contact' => ['short-line-neutral'],
        'earth-as-live' => ['short-line-earth', 'neutral-earth-contact'],
        'open-neutral' => ['earth-as-live'],
        'common-on-traveller' => ['wrong-device'],
        'four-way-pair-split' => ['wrong-device'],
        'neutral-absent-at-switch' => ['open-neutral'],
        'line-unmarked' => [...self::SHORTS, 'polarity-switching', 'neutral-switched', 'shell-live'],
        'neutral-colour' => [...self::SHORTS, 'polarity-switching', 'neutral-switched', 'shell-live'],
        'false-mark' => [...self::SHORTS, 'polarity-switching', 'neutral-switched', 'shell-live', 'earth-as-live'],
        'return-on-white' => ['neutral-switched', 'shell-live'],
        'separate-return' => ['polarity-switching', 'neutral-earth-contact', 'earth-as-live', 'neutral-switched'],
        'leads-reversed' => [...self::SHORTS, 'polarity-switching', 'neutral-switched', 'open-neutral'],
        'flex-reversed' => [...self::SHORTS, 'polarity-switching', 'neutral-switched', 'open-neutral'],
        'outlet-reversed' => ['polarity-switching', 'neutral-switched'],
        'rose-polarity' => [...self::SHORTS, 'polarity-switching'],
        'house-layout' => ['common-on-traveller', 'four-way-pair-split', 'wrong-device'],
    ];

    /** Causes that are the same place seen from another side: they have a net in common with what follows. */
    private const CAUSES_AT_ONE_PLACE = [
        'open-neutral' => ['open-neutral'],
        'live-end-exposed' => ['conductor-open', 'open-neutral'],
        'end-not-capped' => ['conductor-open', 'earth-missing', 'open-neutral'],
        'wrong-lamp' => ['wrong-lamp'],
        'conductor-open' => ['conductor-open'],
        'outlet-reversed' => ['outlet-reversed'],
        'rose-polarity' => ['rose-polarity'],
    ];

    /** What a symptom may follow from, the likeliest first. */
    private const CAUSES_OF_SYMPTOMS = [
        'short-line-neutral', 'short-line-earth', 'wrong-device', 'common-on-traveller', 'four-way-pair-split',
        'open-neutral', 'conductor-open', 'polarity-switching', 'neutral-switched', 'earth-as-live', 'neutral-earth-contact',
        'never-lights', 'always-lit', 'dim', 'wrong-lamp', 'switch-no-effect', 'partial-control',
    ];

    private const CAUSES_OF_DARKNESS = ['short-line-neutral', 'short-line-earth', 'wrong-device', 'open-neutral', 'conductor-open'];

    /** @param  list<Finding>  $findings */
    private function __construct(private array $findings, private Nets $nets)
    {
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    public static function fold(array $findings, Nets $nets): array
    {
        $folding = new self($findings, $nets);

        $causes = self::withoutRings(array_map($folding->causeOf(...), $findings, array_keys($findings)));

        return array_map(fn (Finding $finding, int $i) => $finding->causedBy(self::first($causes, $i)), $findings, array_keys($findings));
    }

    /**
     * Where findings would follow from each other in a ring, the first of the report is the cause.
     *
     * @param  array<int, int|null>  $causes
     * @return array<int, int|null>
     */
    private static function withoutRings(array $causes): array
    {
        foreach (array_keys($causes) as $start) {
            $seen = [];
            for ($at = $start; $at !== null && ! isset($seen[$at]); $at = $causes[$at]) {
                $seen[$at] = count($seen);
            }
            if ($at !== null) {
                $ring = array_keys(array_filter($seen, fn (int $place) => $place >= $seen[$at]));
                $causes[min([$at, ...$ring])] = null;
            }
        }

        return $causes;
    }

    /**
     * The mistake at the head of a chain of causes.
     *
     * @param  array<int, int|null>  $causes
     */
    private static function first(array $causes, int $index): ?int
    {
        $first = $causes[$index];
        while ($first !== null && $causes[$first] !== null) {
            $first = $causes[$first];
        }

        return $first;
    }

    private function causeOf(Finding $finding, int $index): ?int
    {
        $code = $finding->code->value;

        return $this->firstNamed($finding, self::NAMED_CAUSES[$code] ?? [])
            ?? $this->roseOf($finding)
            ?? $this->sameReversal($finding)
            ?? $this->firstAtOnePlace($finding, $index, self::CAUSES_AT_ONE_PLACE[$code] ?? [])
            ?? $this->sideEffectOf($finding, $index)
            ?? ($finding->code->isSymptom()
                ? $this->firstNamed($finding, $this->strongerThan($finding)) ?? $this->sameBefore($finding, $index)
                : null);
    }

    /** @param  list<string>  $causes */
    private function firstNamed(Finding $finding, array $causes): ?int
    {
        foreach ($causes as $cause) {
            foreach ($this->findings as $index => $candidate) {
                if ($candidate->code->value === $cause && self::areAboutTheSame($finding, $candidate)) {
                    return $index;
                }
            }
        }

        return null;
    }

    /**
     * Of two findings of one code the later follows from the earlier, so that none goes round in a circle.
     *
     * @param  list<string>  $causes
     */
    private function firstAtOnePlace(Finding $finding, int $index, array $causes): ?int
    {
        foreach ($causes as $cause) {
            foreach ($this->findings as $other => $candidate) {
                $mayBe = $candidate->code->value === $cause && ($candidate->code !== $finding->code || $other < $index);
                if ($mayBe && array_intersect($this->netsOf($finding), $this->netsOf($candidate)) !== []) {
                    return $other;
                }
            }
        }

        return null;
    }

    /**
     * Blocks of a rose that were exchanged there turn round the flex or the holder that hangs in it, and what it feeds; where the
     * exchange was made further up, the rose follows from what that did.
     */
    private function roseOf(Finding $finding): ?int
    {
        $isOwnLamp = isset($finding->params['lamp'], $finding->params['enclosure']);
        if ($finding->code === FindingCode::RosePolarity) {
            return $finding->params['made'] === 'here' ? null : $this->firstNamed($finding, ['neutral-switched']);
        }
        foreach ($isOwnLamp || $finding->code === FindingCode::NeutralSwitched ? $this->findings : [] as $index => $rose) {
            $isHere = $rose->code === FindingCode::RosePolarity && $rose->params['made'] === 'here';
            if ($isHere && ($isOwnLamp
                ? $rose->params['enclosure'] === $finding->params['enclosure']
                : array_intersect($this->netsOf($rose), $this->netsOf($finding)) !== [])) {
                return $index;
            }
        }

        return null;
    }

    /** One exchange of line and neutral switches the neutral of a lamp and makes its shell live. */
    private function sameReversal(Finding $finding): ?int
    {
        foreach ($finding->code === FindingCode::ShellLive ? $this->findings : [] as $index => $candidate) {
            if ($candidate->code === FindingCode::NeutralSwitched && $candidate->params['lamp'] === $finding->params['lamp']) {
                return $index;
            }
        }

        return null;
    }

    /** A terminal may hold what it should not, or earths hang on what carries current, because of what happened elsewhere. */
    private function sideEffectOf(Finding $finding, int $index): ?int
    {
        $shape = $finding->params['shape'] ?? null;

        return match (true) {
            $finding->code === FindingCode::CommonOnTraveller && $shape !== 'exchanged' => $this->firstNamed($finding, [
                'short-line-neutral',
                'short-line-earth',
                'neutral-switched',
            ]),
            $finding->code === FindingCode::EarthMissing && $shape === 'on-current' => $this->firstNamed($finding, [
                'short-line-earth',
                'earth-as-live',
                'neutral-switched',
            ]),
            // A cable that goes on and was left off, or the wrong way round, is one mistake.
            in_array($finding->code, [FindingCode::EarthMissing, FindingCode::LineUnmarked, FindingCode::NeutralColour], true)
                && $this->onwardOf($finding) !== null => $this->onwardOf($finding),
            // An earth left off at its own end leaves what it was for without one.
            $finding->code === FindingCode::EndNotCapped && ($finding->params['of'] ?? '') === 'earths' => $this->earthMissingIn(
                (string) $finding->params['enclosure'],
            ),
            $finding->code === FindingCode::WrongLamp => $this->sameSwitchBefore($finding, $index),
            $finding->code === FindingCode::ConductorOpen => $this->lampOnTheLine(),
            // An earth exchanged with a conductor puts current on one and the other earths on the conductor.
            $finding->code === FindingCode::EarthAsLive => $this->sameBefore($finding, $index),
            // A return that goes another way round is out of balance in every run of the loop.
            $finding->code === FindingCode::SeparateReturn => $this->sameBefore($finding, $index),
            default => null,
        };
    }

    private function onwardOf(Finding $finding): ?int
    {
        foreach ($this->findings as $index => $candidate) {
            $ofCable = array_filter($finding->at, fn (string $end) => str_starts_with($end, ($candidate->params['cable'] ?? ' ').'.'));
            if ($candidate->code === FindingCode::NotAlwaysOn && count($candidate->at) > 1 && count($ofCable) === count($finding->at)) {
                return $index;
            }
        }

        return null;
    }

    private function earthMissingIn(string $enclosure): ?int
    {
        foreach ($this->findings as $index => $candidate) {
            $boxes = explode(' ', (string) ($candidate->params['enclosures'] ?? ''));
            if ($candidate->code === FindingCode::EarthMissing && in_array($enclosure, $boxes, true)) {
                return $index;
            }
        }

        return null;
    }

    /** One switch that reaches other lights is one mistake, however many they are. */
    private function sameSwitchBefore(Finding $finding, int $index): ?int
    {
        for ($other = 0; $other < $index; $other++) {
            $before = $this->findings[$other];
            if ($before->code === FindingCode::WrongLamp && $before->params['device'] === $finding->params['device']) {
                return $other;
            }
        }

        return null;
    }

    /** A lamp on the permanent line leaves the conductor that was meant for it over. */
    private function lampOnTheLine(): ?int
    {
        foreach ($this->findings as $index => $candidate) {
            if (self::isLampOnTheLine($candidate)) {
                return $index;
            }
        }

        return null;
    }

    private static function isLampOnTheLine(Finding $finding): bool
    {
        return $finding->code === FindingCode::AlwaysLit && $finding->params['shape'] === 'on-line';
    }

    /** The same symptom at another lamp or switch of the control is reported once. */
    private function sameBefore(Finding $finding, int $index): ?int
    {
        for ($other = 0; $other < $index && $finding->code !== FindingCode::WrongLamp; $other++) {
            if ($this->findings[$other]->code === $finding->code && $this->findings[$other]->control === $finding->control) {
                return $other;
            }
        }

        return null;
    }

    /** Whether it is about a lamp that never lights: that it does not, or that its switches change nothing. */
    private function isOfDarkLamp(Finding $symptom): bool
    {
        $isSame = fn (Finding $other) => $other->code === FindingCode::NeverLights && $other->control === $symptom->control;

        return $symptom->code === FindingCode::NeverLights
            || ($symptom->code === FindingCode::SwitchNoEffect && array_filter($this->findings, $isSame) !== []);
    }

    /** @return list<string> a symptom follows only from what stands before it */
    private function strongerThan(Finding $symptom): array
    {
        // A lamp that never lights is without line or neutral rather than wired crossed.
        $all = $this->isOfDarkLamp($symptom)
            ? array_values(array_unique([...self::CAUSES_OF_DARKNESS, ...self::CAUSES_OF_SYMPTOMS]))
            : self::CAUSES_OF_SYMPTOMS;
        $place = array_search($symptom->code->value, $all, true);
        $stronger = $place === false ? $all : array_slice($all, 0, $place);

        return self::isLampOnTheLine($symptom) ? array_values(array_diff($stronger, ['conductor-open'])) : $stronger;
    }

    private static function areAboutTheSame(Finding $one, Finding $other): bool
    {
        return $one->control === null || $other->control === null || $one->control === $other->control;
    }

    /** @return list<int> */
    private function netsOf(Finding $finding): array
    {
        return array_values(array_intersect_key($this->nets->netOf, array_flip($finding->at)));
    }
}
