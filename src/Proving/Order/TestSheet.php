<?php

declare(strict_types=1);

namespace Zwindle\Proving\Order;

use Zwindle\Proving\ActKind;
use Zwindle\Proving\LoggedAct;

/** What has been tested on a board, line by line, from what was done; a reading counts where it was taken as it must be. */
final readonly class TestSheet
{
    /** @var list<SheetLine> */
    public array $lines;

    /** The place in the log of the act that switched on before the dead tests were done; null where none did. */
    public ?int $energisedTooEarly;

    /**
     * @param  list<LoggedAct>  $log  all of it
     * @param  int  $head  steps of the wiring as it stands: tests from before its last change count no more
     */
    public function __construct(private PointRoles $roles, private string $own, array $log, private int $head)
    {
        $this->lines = $this->linesOf($log);
        $early = null;
        foreach ($log as $i => $logged) {
            if ($logged->head === $head && $logged->act->kind === ActKind::TurnOn && $logged->isLive && ! $logged->wasLive) {
                $early = $this->isDeadPartGood(array_slice($log, 0, $i)) ? null : $i;
                break;
            }
        }
        $this->energisedTooEarly = $early;
    }

    /**
     * Whether all that is tested dead is tested and good.
     *
     * @param  list<LoggedAct>  $log
     */
    public function isDeadPartGood(array $log): bool
    {
        foreach ($this->linesOf($log) as $line) {
            if ($line->item->isDead() && $line->isGood !== true) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  list<LoggedAct>  $log
     * @return list<SheetLine>
     */
    private function linesOf(array $log): array
    {
        $board = $this->roles->circuit->wiring->board;
        $earthed = new EarthedPlaces($this->roles);
        $readings = new SheetReadings($this->roles, $earthed, $log, $this->head);
        $dead = new DeadTests($this->roles, $earthed, $readings);
        $live = new LiveTests($this->roles, $earthed, $readings);
        $lines = [];
        foreach ($board->practice->proving['sheet'] as $name) {
            $line = match (SheetItem::from($name)) {
                SheetItem::Isolation => $this->isolation($log),
                SheetItem::R1R2 => $dead->r1r2(),
                SheetItem::Earths => $dead->earths(),
                SheetItem::NoShort => $dead->noShort(),
                SheetItem::Insulation => $dead->insulation(),
                SheetItem::Polarity => $dead->polarity(),
                SheetItem::Voltage => $live->voltage(),
                SheetItem::Downstream => $live->downstream(),
                SheetItem::Loop => $live->loop(),
                SheetItem::Residual => $live->residual(),
                SheetItem::Function => $live->functions(),
            };
            $lines = $line === null ? $lines : [...$lines, $line];
        }

        return $lines;
    }

    /** @param  list<LoggedAct>  $log */
    private function isolation(array $log): SheetLine
    {
        $isDone = SafeIsolation::judge($this->roles, $this->own, $log)->isDone();

        return new SheetLine(SheetItem::Isolation, null, $isDone ? [] : ['isolation'], $isDone ?: null);
    }
}
