<?php

declare(strict_types=1);

namespace Zwindle\Check\Rules;

use Zwindle\Board\DevicePoint;
use Zwindle\Catalogue\Devices\DeviceKind;
use Zwindle\Catalogue\Devices\TerminalDuty;
use Zwindle\Check\Evidence\Evidence;
use Zwindle\Check\Evidence\LooksLike;
use Zwindle\Check\Evidence\Rule;
use Zwindle\Check\Findings\Finding;
use Zwindle\Check\Findings\FindingCode;
use Zwindle\Circuit\Scheme\Role;

/**
 * Polarity at a rose: the neutral block holds what comes from the line, or the loop or switched block holds neutral. One finding
 * for a rose.
 *
 * Source: BS 7671 643.6 (memory): polarity is inspected at every point.
 */
final readonly class RosePolarity implements Rule
{
    public function findingsIn(Evidence $evidence): iterable
    {
        foreach ($evidence->board->devicesOf(DeviceKind::Rose) as $rose) {
            $lineInNeutral = $neutralInLine = [];
            foreach ($rose->model->terminals as $block) {
                $point = DevicePoint::id($rose->id, $block->name);
                $isNeutral = $evidence->roles->has($point, Role::Neutral);
                $isOnLineSide = $evidence->roles->isOnLineSide($point);
                $isLineBlock = in_array($block->duty, [TerminalDuty::Hot, TerminalDuty::SwitchedBlock], true);
                match (true) {
                    // Where line and neutral meet, no block is to blame.
                    $isNeutral && $isOnLineSide => null,
                    $block->duty === TerminalDuty::Neutral && $isOnLineSide => $lineInNeutral[] = $point,
                    $isLineBlock && $isNeutral => $neutralInLine[] = $point,
                    default => null,
                };
            }
            if ([...$lineInNeutral, ...$neutralInLine] !== []) {
                yield new Finding(FindingCode::RosePolarity, [...$neutralInLine, ...$lineInNeutral], [
                    'enclosure' => $rose->enclosure,
                    'made' => self::isMadeHere($evidence, $neutralInLine, $lineInNeutral) ? 'here' : 'further-up',
                    'shape' => match (true) {
                        $neutralInLine === [] => 'line-in-neutral',
                        $lineInNeutral === [] => 'neutral-in-line',
                        default => 'exchanged',
                    },
                ]);
            }
        }
    }

    /**
     * Whether conductors in a block look like what they are: then the hand went wrong at this rose, and not where they come from.
     *
     * @param  list<string>  $neutralInLine
     * @param  list<string>  $lineInNeutral
     */
    private static function isMadeHere(Evidence $evidence, array $neutralInLine, array $lineInNeutral): bool
    {
        foreach ([...array_fill_keys($neutralInLine, Role::Neutral), ...array_fill_keys($lineInNeutral, Role::Line)] as $block => $look) {
            foreach ($evidence->wiring->jointAt($block)->points ?? [] as $point) {
                if ($evidence->point($point)->core !== null && LooksLike::at($evidence, $point) === $look) {
                    return true;
                }
            }
        }

        return false;
    }
}
