<?php

declare(strict_types=1);

return [
    'hands' => 'Before a hand goes in: turn off every circuit in the box, lock off and tag. Prove your tester on a known live source. Prove dead between every conductor that you will touch, hot, neutral and ground, in every combination. Prove the tester again.',
    'neutral' => 'Before you part a neutral: it may be shared with another circuit. Turn that one off too.',
];
