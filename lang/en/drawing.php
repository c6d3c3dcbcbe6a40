<?php

return [
    'bare' => 'New board',
    'feed' => 'Feed',
    'works' => 'works here',
    'no-controls' => 'Point from a switch to a light, and the planner begins.',
    'neutral' => 'neutral here',
    'no-neutral' => 'no neutral here',
    'marked' => ['na' => ':role, re-identified', 'gb' => ':role, sleeved'],
    'no-plan-yet' => 'First there must be a plan.',
    'single' => ':print, in conduit',
    'planner-chooses' => 'the planner chooses',
    'warning' => [
        'overlapping' => ':what overlap.',
        'controls-nothing' => ':what works no light yet.',
        'not-controlled' => ':what is worked by no switch yet.',
        'off-the-wall' => ':what hangs over the edge of the board.',
        'very-long' => ':what is very long for a practice board.',
    ],
    'drop' => ':volt V drop of :limit, R1+R2 :ohm Ω',
    'fill' => ':used of :volume in³',
    'fill-alone' => ':used in³ used',
    'too-small' => ':used of :volume in³: too small. A :box would do.',
    'too-small-for-all' => ':used of :volume in³: too small for any standard box.',
];
