<?php

return [
    'na-09-light-between-two-three-ways' => 'The feed comes in at one switch and the light is between the two, with a 14/3 to each. Both travelers and the switch leg go through the light box.',
    'na-10-star-at-the-light' => 'Feed, light and both switch legs meet in the light box: count its fill.',
    'na-11-three-way-with-two-lights' => 'Both lights are on the switch leg, one behind the other.',
    'na-12-receptacle-always-hot' => 'The receptacle is fed from the hot before the switch, so it stays hot with the light off.',
    'na-13-two-controls-in-one-box' => 'One feed, two switches: hot and neutral are shared in the box, the switch legs are not.',
];
