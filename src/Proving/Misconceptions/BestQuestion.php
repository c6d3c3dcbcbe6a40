<?php

declare(strict_types=1);

namespace Zwindle\Proving\Misconceptions;

use Zwindle\Board\Control;
use Zwindle\Board\Device;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\SwitchFunction;
use Zwindle\Circuit\Net\Circuit;
use Zwindle\Circuit\Solve\TruthTable;

/**
 * The flip that best separates the usual misconceptions from each other and from what is so.
 *
 * Of all flips that were not asked yet the one that parts most pairs that no earlier answer has parted; of equals the one that
 * most misconceptions answer wrongly; of those the first.
 */
final readonly class BestQuestion
{
    /** @var list<SwitchFunction|null> */
    private array $functions;

    public function __construct(private Circuit $circuit, private TruthTable $table)
    {
        $wiring = $circuit->wiring;
        $this->functions = array_map(
            fn (Device $switch) => $wiring->modelOf($switch)->function,
            $wiring->board->devicesOf(DeviceKind::Switch),
        );
    }

    /**
     * @param  list<array{int, string}>  $asked  state before the flip and switch, of questions that were asked
     * @return ClassQuestion|null null where nothing is left that would separate anybody
     */
    public function after(array $asked): ?ClassQuestion
    {
        $answers = array_map(fn (array $one) => $this->answers($one[0], $one[1]), $asked);
        $best = null;
        for ($state = 0; $state < $this->table->count(); $state++) {
            foreach ($this->circuit->switches as $switch) {
                $question = in_array([$state, $switch], $asked, true) ? null : $this->answers($state, $switch);
                $worth = $question === null ? [0, 0] : [self::parted($question, $answers), self::wrong($question)];
                if ($worth[0] > 0 && ($best === null || $worth > $best[0])) {
                    $best = [$worth, $state, $switch];
                }
            }
        }

        return $best === null ? null : $this->question($best[1], $best[2]);
    }

    private function question(int $state, string $switch): ClassQuestion
    {
        $answers = $this->answers($state, $switch);
        $who = fn (bool $on): array => array_map(
            Misconception::from(...),
            array_keys(array_filter(array_diff_key($answers, ['' => true]), fn (bool $answer) => $answer === $on)),
        );

        return new ClassQuestion((string) $this->lampOf($switch), $state, $switch, $answers[''], $who(true), $who(false));
    }

    /** @return non-empty-array<string, bool> misconception → whether it expects the lamp on; under `` what is so; nothing where it trips */
    private function answers(int $state, string $switch): array
    {
        $place = (int) array_search($switch, $this->circuit->switches, true);
        $after = $state ^ $this->circuit->bitOf($place);
        $lamp = $this->lampOf($switch);
        $isOn = fn (int $in): bool => $lamp !== null && $this->table->lamps[$lamp][$in] === '1';
        $answers = ['' => $isOn($after)];
        foreach ($lamp === null ? [] : Misconception::cases() as $one) {
            if ($one->isAbout($this->functions)) {
                $answers[$one->value] = $one->expectsOn($this->functions, $after, $place, $isOn($state));
            }
        }

        return $answers;
    }

    /** The first lamp that a switch works. */
    private function lampOf(string $switch): ?string
    {
        $controls = array_filter(
            $this->circuit->wiring->board->controls,
            fn (Control $control) => in_array($switch, $control->switches, true),
        );

        return (array_values($controls)[0] ?? null)?->lamps[0] ?? null;
    }

    /**
     * @param  array<string, bool>  $question
     * @param  list<array<string, bool>>  $earlier
     */
    private static function parted(array $question, array $earlier): int
    {
        $parted = 0;
        $names = array_keys($question);
        foreach ($names as $i => $one) {
            foreach (array_slice($names, $i + 1) as $other) {
                $isParted = array_filter($earlier, fn (array $answers) => ($answers[$one] ?? null) !== ($answers[$other] ?? null)) !== [];
                $parted += $question[$one] !== $question[$other] && ! $isParted ? 1 : 0;
            }
        }

        return $parted;
    }

    /** @param  non-empty-array<string, bool>  $question */
    private static function wrong(array $question): int
    {
        return count(array_filter($question, fn (bool $answer) => $answer !== $question['']));
    }
}
