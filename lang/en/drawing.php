<?php

return [
    'bare' => 'New board',
    'feed' => 'Feed',
    'works' => 'works here',
    'no-controls' => 'Choose a light for a switch and the planner starts.',
    'neutral' => 'neutral here',
    'no-neutral' => 'no neutral here',
    'marked' => ['na' => ':role, re-identified', 'gb' => ':role, sleeved'],
    'no-plan-yet' => 'This board needs a plan first.',
    'single' => ':print, in conduit',
    'planner-chooses' => 'chosen by the planner',
    'warning' => [
        'overlapping' => ':what overlap.',
        'controls-nothing' => ':what controls no light yet.',
        'not-controlled' => ':what has no switch yet.',
        'off-the-wall' => ':what is over the edge of the board.',
        'very-long' => ':what is very long for a practice board.',
    ],
    'drop' => ':volt V drop of :limit, R1+R2 :ohm Ω',
    'fill' => ':used of :volume in³',
    'fill-alone' => ':used in³ used',
    'too-small' => ':used of :volume in³: too small. Use a :box.',
    'too-small-for-all' => ':used of :volume in³: too small for any standard box.',
];
