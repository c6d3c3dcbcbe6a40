<?php

declare(strict_types=1);

namespace App\Console\Pages;

use App\Wording\StandardBoxName;
use App\Wording\Words;
use Brick\Math\BigRational;
use Illuminate\Console\OutputStyle;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Zwindle\Board\Board;
use Zwindle\Catalogue\Editions\CodeEdition;
use Zwindle\Check\Fill\Allowance;
use Zwindle\Check\Fill\BoxFill;
use Zwindle\Check\Fill\FillCount;
use Zwindle\Check\Fill\OneMoreCable;
use Zwindle\Check\Findings\FindingCode;

/** Box fill as JSON in the shape of the contract, and as a page of text. */
final readonly class FillPage
{
    private Words $words;

    public function __construct(private Board $board, private CodeEdition $edition, private FillCount $count)
    {
        $this->words = new Words($board);
    }

    /** @return array<string, mixed> */
    public function json(): array
    {
        return ['boxes' => array_map(fn (BoxFill $box) => [
            'enclosure' => $box->enclosure->id,
            'volumeIn3' => $box->volumeIn3?->toFloat(),
            'usedIn3' => $box->usedIn3->toFloat(),
            'allowances' => array_map(fn (Allowance $allowance) => [
                'what' => $this->what($allowance),
                'count' => $allowance->count,
                'eachIn3' => $allowance->eachIn3->toFloat(),
                'in3' => $allowance->in3()->toFloat(),
            ], $box->allowances),
            'fits' => $box->fits(),
            'shortIn3' => $box->shortIn3()?->toFloat(),
            'smallestBox' => $box->smallestBox()?->id,
            'oneMore' => array_map(fn (OneMoreCable $more) => [
                'type' => $more->type->id,
                'usedIn3' => $more->fill->usedIn3->toFloat(),
                'fits' => $more->fill->fits(),
                'remedy' => $this->remedy($more->fill),
            ], OneMoreCable::into($box->enclosure, $this->board, $this->count)),
        ], $this->count->boxes())];
    }

    public function print(OutputStyle $output): void
    {
        $output->writeln(self::plain("{$this->board->title}  ({$this->edition->id}, {$this->edition->cite(FindingCode::BoxOverfilled->value)})"));
        foreach ($this->count->boxes() as $box) {
            $output->newLine();
            $output->writeln('<options=bold>'.self::plain($this->sentence($box)).'</>');
            $rows = array_map(fn (Allowance $allowance) => [$this->what($allowance), $allowance->count, self::in3($allowance->eachIn3), self::in3($allowance->in3())], $box->allowances);
            $output->table([$this->words->say('fill.what'), $this->words->say('fill.count'), $this->words->say('fill.each'), 'in³'], [...$rows, ['', '', '', self::in3($box->usedIn3)]]);
            $remedy = $this->remedy($box);
            $output->writeln(self::plain($remedy === '' ? $this->words->say('fill.smallest', ['box' => $box->smallestBox()->id ?? '—']) : $remedy));
            foreach (OneMoreCable::into($box->enclosure, $this->board, $this->count) as $more) {
                $output->writeln(self::plain($this->words->say('fill.one-more', [
                    'cable' => $more->type->print(),
                    'used' => self::in3($more->fill->usedIn3),
                    'answer' => $this->words->say('fill.'.match ($more->fill->fits()) {
                        null => 'unknown', true => 'fits', false => 'does-not-fit',
                    }),
                    'remedy' => $this->remedy($more->fill),
                ])));
            }
        }
        $output->newLine();
        $output->writeln(self::plain($this->words->say('verdict.caution')));
    }

    public function sentence(BoxFill $box): string
    {
        return $this->words->say('fill.box-'.match ($box->fits()) {
            null => 'unknown', true => 'fits', false => 'full',
        }, [
            'box' => $box->enclosure->label,
            'used' => self::in3($box->usedIn3),
            'has' => $box->volumeIn3 === null ? '' : self::in3($box->volumeIn3),
        ]);
    }

    public function what(Allowance $allowance): string
    {
        return $this->words->say('fill.kind.'.$allowance->kind->value, ['awg' => (string) $allowance->awg]);
    }

    /** What would make it fit: the smallest ring or cover, or the smallest box; empty where it fits or no volume is known. */
    public function remedy(BoxFill $box): string
    {
        if ($box->fits() !== false) {
            return '';
        }
        $smallest = $box->smallestBox();
        $params = ['short' => self::in3($box->shortIn3() ?? BigRational::zero()), 'box' => $smallest === null ? '' : StandardBoxName::of($smallest)];

        return $this->words->say($smallest === null ? 'fill.remedy-ring' : 'fill.remedy', $params);
    }

    /** Cubic inches, to two decimals, rounded up so that what is short is never hidden. */
    public static function in3(BigRational $volume): string
    {
        return number_format(ceil($volume->multipliedBy(100)->toFloat() - 1e-9) / 100, 2);
    }

    private static function plain(string $text): string
    {
        return OutputFormatter::escape($text);
    }
}
