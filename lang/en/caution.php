<?php

declare(strict_types=1);

return [
    'live' => 'Live work only where it cannot reasonably be done dead, and only where your instructor allows it and stands by: covers on all but where you test, dry shoes on a dry floor, phone down, probes only, hands clear before each flip.',
];
