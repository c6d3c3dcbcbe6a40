<?php

declare(strict_types=1);

return [
    'hands' => 'Before you put a hand in: isolate every circuit in the box, lock off and post the caution notice. Prove your tester on a known live source. Prove dead between every conductor you will touch (line, neutral and earth), in every combination. Prove the tester again.',
    'neutral' => 'Before you disconnect a neutral: it may be shared with another circuit. Isolate that circuit too.',
];
