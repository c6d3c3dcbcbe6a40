<?php

return [
    'bare' => 'New board',
    'feed' => 'Feed',
    'works' => 'works here',
    'no-controls' => 'Point from a switch to a light, and the planner begins.',
    'planner-chooses' => 'the planner chooses',
    'doubt' => [
        'overlapping' => ':what hang on each other.',
        'controls-nothing' => ':what works no light yet.',
        'not-controlled' => ':what is worked by no switch yet.',
        'very-long' => ':what is very long for a practice board.',
    ],
    'fill' => ':used of :volume in³',
    'fill-alone' => ':used in³ used',
    'too-small' => ':used of :volume in³: too small. :box would do.',
    'too-small-for-all' => ':used of :volume in³: too small for any standard box.',
];
