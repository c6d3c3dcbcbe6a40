<?php

declare(strict_types=1);

namespace App\Wording;

use Illuminate\Support\Facades\Lang;
use Zwindle\Board\Wiring\MarkedAs;
use Zwindle\Check\Evidence\Evidence;

/** How the controls of a board are wired, by the name of the region, and who disputes it and why. */
final readonly class SchemeSentence
{
    private const OF_WHITE = ['line-out-on-white', 'return-on-white'];

    private Words $words;

    public function __construct(private Evidence $evidence)
    {
        $this->words = Words::of($evidence->wiring);
    }

    /** @return list<array{id: string|null, name: string, note: string, lamps: string}> controls that are wired alike together */
    public function all(): array
    {
        $alike = [];
        foreach ($this->evidence->controls as $i => $view) {
            $scheme = $this->evidence->schemes[$i]?->value;
            $variant = $this->evidence->variants[$i]?->value;
            $alike["$scheme $variant"] ??= ['id' => $scheme, 'variant' => $variant, 'lamps' => []];
            array_push($alike["$scheme $variant"]['lamps'], ...$view->control->lamps);
        }

        return array_values(array_map(fn (array $one) => [
            'id' => $one['id'],
            'name' => $one['id'] === null ? $this->words->say('findings.no-scheme') : $this->words->say("parts.scheme.{$one['id']}"),
            'note' => trim($this->note($one['id'] ?? '').' '.$this->note($one['variant'] ?? '')),
            'lamps' => $this->words->list(array_map($this->words->device(...), $one['lamps'])),
        ], $alike));
    }

    private function note(string $of): string
    {
        $key = "parts.scheme-note.$of".($this->isUnmarked() && in_array($of, self::OF_WHITE, true) ? '-unmarked' : '');

        return $of !== '' && Lang::has($key, Region::of($this->evidence->board->practice))
            ? $this->words->say($key, ['section' => $this->section()])
            : '';
    }

    /** Whether some white carries line or switched line without tape: then nothing is said of a re-identified one. */
    private function isUnmarked(): bool
    {
        foreach ($this->evidence->cores() as $core) {
            $isWhite = $this->evidence->board->cables[$core->cable]->type->colours?->isNeutrals($core->colour) === true;
            $isTaped = fn (string $end) => $this->evidence->wiring->markOn($end) === MarkedAs::Line;
            $isOnLineSide = $this->evidence->roles->isOnLineSide($core->ends()[0]);
            if ($isWhite && $isOnLineSide && array_filter($core->ends(), $isTaped) !== $core->ends()) {
                return true;
            }
        }

        return false;
    }

    /** The section that speaks of a white as the return, in the edition that is gone by. */
    private function section(): string
    {
        $edition = $this->evidence->edition;

        return trim((string) preg_replace("/^$edition->standard/", '', (string) $edition->cite('return-on-white')));
    }
}
