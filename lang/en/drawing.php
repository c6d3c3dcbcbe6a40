<?php

return [
    'bare' => 'New board',
    'feed' => 'Feed',
    'works' => 'works here',
    'no-controls' => 'Point from a switch to a light, and the planner begins.',
    'planner-chooses' => 'the planner chooses',
    'fill' => ':used of :volume in³',
    'fill-alone' => ':used in³ used',
    'too-small' => ':used of :volume in³: too small. :box would do.',
    'too-small-for-all' => ':used of :volume in³: too small for any standard box.',
];
