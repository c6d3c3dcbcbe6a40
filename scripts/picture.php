<?php

declare(strict_types=1);

/** Draws docs/architecture.svg from what the code imports: `composer picture`. */

use Tests\Support\Files;
use Tests\Support\Floors;
use Tests\Support\Rooms;
use Tests\Support\RoomsPicture;

require dirname(__DIR__).'/vendor/autoload.php';

file_put_contents(Files::path('docs/architecture.svg'), RoomsPicture::draw(Rooms::imports(), Floors::ROWS, Floors::folders()));
