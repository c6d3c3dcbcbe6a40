<?php

return [
    'gb-07-two-gang-plate' => 'Two switches on one plate, fed from a joint box.',
    'gb-08-three-gang-plate' => 'Three switches on one plate; the line is looped from one to the next.',
    'gb-09-two-floors-two-gang-plates' => 'Hall and landing, each light controlled from both plates, all on one circuit. On two circuits, with the landing’s line from upstairs and its neutral from downstairs, the neutral would be borrowed: with one breaker off it can still be live from the other, and an RCD on either trips (BS 7671 314.4, from memory). So use one circuit.',
    'gb-10-intermediate-in-three-core' => 'Two two-ways with an intermediate between them, in three-core and earth.',
    'gb-11-loop-in-at-the-switch' => 'The feed loops from switch to switch, with the neutrals joined behind each plate.',
];
