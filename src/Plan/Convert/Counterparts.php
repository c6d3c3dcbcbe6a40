<?php

declare(strict_types=1);

namespace Zwindle\Plan\Convert;

use Zwindle\Catalogue\Cables\CableType;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Devices\DeviceModel;
use Zwindle\Catalogue\Practices\Colour;
use Zwindle\Catalogue\Practices\Practice;

/**
 * What a part, a cable or a colour is in the other practice.
 *
 * Source: common practice of both trades; the colours are those of NEC 200.6 and BS 7671 514 (memory).
 */
final class Counterparts
{
    private const MODELS = [
        'na-supply' => 'gb-supply',
        'na-switch-1p' => 'gb-switch-1way',
        'na-switch-3way' => 'gb-switch-2way',
        'na-switch-4way' => 'gb-switch-intermediate',
        'na-switch-2p' => 'gb-switch-2p',
        'na-lampholder' => 'gb-batten-es',
        'na-luminaire' => 'gb-luminaire',
    ];

    private const MODELS_BACK = [
        'gb-pendant' => 'na-luminaire',
        'gb-batten-bc' => 'na-lampholder',
    ];

    /** The cables that come in place of one: with more cores than a British cable has, two. */
    private const CABLES = [
        'na-14-2' => ['gb-1.5-te'], 'na-12-2' => ['gb-1.5-te'],
        'na-14-3' => ['gb-1.5-3ce'], 'na-12-3' => ['gb-1.5-3ce'],
        'na-14-4' => ['gb-1.5-3ce', 'gb-1.5-te'], 'na-12-4' => ['gb-1.5-3ce', 'gb-1.5-te'],
        'na-14-2-2' => ['gb-1.5-te', 'gb-1.5-te'], 'na-12-2-2' => ['gb-1.5-te', 'gb-1.5-te'],
        'na-14-single' => ['gb-1.5-single'], 'na-12-single' => ['gb-1.5-single'],
        'gb-1.0-te' => ['na-14-2'], 'gb-1.5-te' => ['na-14-2'], 'gb-old-1.0-te' => ['na-14-2'], 'gb-old-1.5-te' => ['na-14-2'],
        'gb-1.0-3ce' => ['na-14-3'], 'gb-1.5-3ce' => ['na-14-3'], 'gb-old-1.0-3ce' => ['na-14-3'], 'gb-old-1.5-3ce' => ['na-14-3'],
        'gb-1.0-single' => ['na-14-single'], 'gb-1.5-single' => ['na-14-single'],
        CableType::UNDECIDED => [CableType::UNDECIDED],
    ];

    private const SINGLES_TO_BRITAIN = [
        'white' => Colour::Blue,
        'grey' => Colour::Blue,
        'green' => Colour::GreenYellow,
        'bare' => Colour::GreenYellow,
        'green-yellow' => Colour::GreenYellow,
    ];

    private const SINGLES_TO_AMERICA = [
        'blue' => Colour::White,
        'green-yellow' => Colour::Green,
        'green' => Colour::Green,
        'bare' => Colour::Bare,
        'black' => Colour::Red,
        'grey' => Colour::Blue,
    ];

    /** Null where the other practice's catalogue has none. */
    public static function ofModel(DeviceModel $model): ?DeviceModel
    {
        $id = self::MODELS[$model->id] ?? self::MODELS_BACK[$model->id] ?? array_search($model->id, self::MODELS, true);

        return $id === false ? null : DeviceCatalogue::find($id);
    }

    /** @return non-empty-list<CableType> */
    public static function ofCable(CableType $type): array
    {
        return array_map(fn (string $id) => CableType::all()[$id], self::CABLES[$type->id]);
    }

    /** The line side is brown in Britain, and black, red or blue in North America. */
    public static function ofSingle(Colour $colour, Practice $to): Colour
    {
        return $to === Practice::Britain
            ? self::SINGLES_TO_BRITAIN[$colour->value] ?? Colour::Brown
            : self::SINGLES_TO_AMERICA[$colour->value] ?? Colour::Black;
    }
}
