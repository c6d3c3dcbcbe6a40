<?php

declare(strict_types=1);

namespace App\Actions\Boards;

use App\Models\BoardFile;
use App\Models\User;
use Zwindle\Catalogue\Devices\DeviceCatalogue;
use Zwindle\Catalogue\Editions\Editions;
use Zwindle\Catalogue\Practices\Practice;

/** Starts a drawing with nothing on the wall but the feed. */
final readonly class StartBareDrawing
{
    /** Where the feed hangs at first, in millimetres. */
    private const FEED_AT = [300, 900];

    public function __construct(private StoreDrawing $store)
    {
    }

    public function execute(User $instructor, Practice $practice): BoardFile
    {
        $title = __('drawing.bare');

        return $this->store->execute($instructor, $title, $practice, '', json_encode([
            'format' => 'zwindle-board',
            'version' => 1,
            'title' => $title,
            'practice' => $practice->id,
            'code' => Editions::newest($practice)->id,
            'enclosures' => [['id' => 'F', 'kind' => 'supply', 'label' => __('drawing.feed'), 'at' => self::FEED_AT]],
            'devices' => [[
                'id' => 'PS',
                'in' => 'F',
                'model' => DeviceCatalogue::supplyOf($practice)->id,
                ...$practice->supply,
            ]],
            'cables' => [], 'controls' => [], 'alwaysOn' => [], 'wall' => $practice->wall,
        ], JSON_THROW_ON_ERROR));
    }
}
