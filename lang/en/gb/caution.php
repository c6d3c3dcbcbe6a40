<?php

declare(strict_types=1);

return [
    'hands' => 'Before a hand goes in: isolate every circuit in the box, lock off and put up the notice. Prove your tester on a known live source. Prove dead between every conductor that you will touch, line, neutral and earth, in every combination. Prove the tester again.',
    'neutral' => 'Before you part a neutral: it may be shared with another circuit. Isolate that one too.',
];
