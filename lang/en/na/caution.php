<?php

declare(strict_types=1);

return [
    'hands' => 'Before you put a hand in: turn off every circuit in the box, lock off and tag. Prove your tester on a known live source. Prove dead between every conductor you will touch (hot, neutral and ground), in every combination. Prove the tester again.',
    'neutral' => 'Before you disconnect a neutral: it may be shared with another circuit. Turn that circuit off too.',
];
