<?php

declare(strict_types=1);

namespace App\Shapes\Boards;

use Zwindle\Catalogue\Practices\Practice;

/** What boards of a practice are drawn from. A browser fetches it once: its version is a hash of what is in it. */
final readonly class CatalogueShape
{
    /** @param  array<string, mixed>  $json */
    private function __construct(public array $json)
    {
    }

    public static function of(Practice $practice): self
    {
        return new self([
            'wallParts' => WallPartsShape::of($practice),
            'kinds' => WallPartsShape::kinds($practice),
            'cableTypes' => WallPartsShape::cables($practice),
            'colours' => WallPartsShape::colours($practice),
            'parts' => WallPartsShape::parts($practice),
            'faces' => WallPartsShape::faces($practice),
            'boxes' => WallPartsShape::boxes($practice),
            'editions' => WallPartsShape::editions($practice),
            'schemes' => WallPartsShape::schemes($practice),
        ]);
    }

    public function version(): string
    {
        return hash('xxh64', json_encode($this->json, JSON_THROW_ON_ERROR));
    }
}
