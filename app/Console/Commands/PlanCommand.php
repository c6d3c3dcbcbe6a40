<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\Pages\PlanPage;
use App\Exceptions\InputRefused;
use App\Files\ReadBoardFile;
use App\Shapes\Boards\PlanningShape;
use App\Wording\ExtensionNotes;
use Zwindle\Board\Board;
use Zwindle\Board\Requirements;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Circuit\Scheme\SchemeName;
use Zwindle\Format\Read\EarlierWiring;
use Zwindle\Plan\NoPlan;
use Zwindle\Plan\Planner;
use Zwindle\Plan\Planning;
use Zwindle\Plan\Refusal\NeutralAt;
use Zwindle\Plan\Refusal\Refusal;
use Zwindle\Plan\StepOrder;
use Zwindle\Problem\Problems;
use Zwindle\Repair\NearestPlan;

final class PlanCommand extends ReadsFilesCommand
{
    protected $signature = 'zwindle:plan
        {board : a *.board.json file; a cable may be of type any}
        {--scheme= : the scheme to plan for, as dead-end}
        {--all : every distinct plan, up to a stated number}
        {--order=box-by-box : of work: box-by-box or farthest-first}
        {--from= : a wiring that stands already: keep every joint that can stay}
        {--neutrals : say for each switch box whether an electronic switch could go there}
        {--edition= : plan by another edition than the board\'s}
        {--json : print JSON}';

    protected $description = 'Work out right wirings of a board: what each core carries, and the steps';

    public function handle(ReadBoardFile $readBoardFile): int
    {
        return $this->orRefuse(function () use ($readBoardFile): int {
            $board = $readBoardFile->undecided((string) $this->argument('board'));
            $order = StepOrder::tryFrom((string) $this->option('order'))
                ?? throw InputRefused::option(__('problems.unknown-order', ['text' => (string) $this->option('order')]));
            [$scheme, $edition] = [$this->scheme(), $this->edition($board->practice)];
            [$planning, $extension] = $this->option('from') === null
                ? [Planner::plan($board, $scheme, (bool) $this->option('all'), $edition), null]
                : $this->extended($board, $scheme, $edition);
            $neutrals = $this->option('neutrals') ? NeutralAt::everySwitchBox($board, $scheme, $edition) : null;
            $shape = new PlanningShape(
                $board,
                $planning,
                $order,
                Refusal::of($planning, $board, $scheme, $edition),
                $extension,
                $neutrals,
                $edition,
            );
            $this->option('json') ? $this->writeJson($shape->json()) : (new PlanPage($board, $shape))->print($this->getOutput());

            return $planning->plans === [] ? self::FAILED : self::DONE;
        });
    }

    /**
     * @return array{Planning, ExtensionNotes|null}
     *
     * @throws InputRefused if the wiring is none
     */
    private function extended(Board $board, ?string $scheme, ?CodeEdition $edition): array
    {
        $problems = new Problems;
        $earlier = EarlierWiring::read(ReadBoardFile::textOf((string) $this->option('from')), $board, $problems)
            ?? throw InputRefused::file('wiring', $problems->all());
        $nearest = NearestPlan::to($earlier->wiring, $scheme, $edition);
        if ($nearest === null) {
            $planning = Planner::plan($board, $scheme, edition: $edition);

            return [$planning->plans === [] ? $planning : new Planning([], [], NoPlan::NotFinished, false), null];
        }

        return [new Planning([$nearest->plan], [], null, false), new ExtensionNotes($nearest, $earlier->gone)];
    }

    /** @throws InputRefused if there is no such scheme, or it is forbidden */
    private function scheme(): ?string
    {
        $asked = $this->option('scheme');
        $known = [Requirements::ANY_SCHEME, ...array_map(fn (SchemeName $name) => $name->value, SchemeName::cases())];
        if ($asked !== null && ! in_array($asked, $known, true)) {
            throw InputRefused::option(__('problems.unknown-scheme', ['text' => (string) $asked, 'detail' => implode(', ', $known)]));
        }

        return $asked === null ? null : (string) $asked;
    }
}
