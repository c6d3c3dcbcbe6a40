<?php

declare(strict_types=1);

return [
    'live' => 'Work live only where it cannot reasonably be done dead, and only with your instructor’s permission and your instructor beside you. Keep covers on everywhere but where you test. Dry shoes, dry floor, phone down, probes only, hands clear before each flip.',
];
